<?php

declare(strict_types=1);

namespace TruePupil\Core\Motion;

use TruePupil\Core\Exposure\InvalidExposure;

/**
 * Lamps on the mains pulse twice in each of its cycles, and a frame that is shorter than a few pulses catches more or
 * less of them.
 *
 * With light that goes as 1 + m·cos(2π·2f·t) a frame of t seconds gets t·(1 ± m·|sinc(2f·t)|), where
 * sinc(x) = sin(πx)/(πx): nothing is left of the pulsing where t is a whole number of pulses.
 */
final readonly class LampPulse
{
    /** Deeper than this no lamp is reckoned: some glow stays. */
    public const DEEPEST = 0.95;

    /**
     * @param  float  $mains  Hz, 50 or 60
     * @param  float  $depth  m: 0 for steady light, up to 0.95 for lamps that nearly go out
     *
     * @throws InvalidExposure
     */
    public function __construct(public float $mains, public float $depth)
    {
        InvalidExposure::unlessPositive('mains frequency', $mains);
        if ($depth < 0.0 || $depth > self::DEEPEST) {
            throw new InvalidExposure(sprintf('How deeply lamps pulse is from 0 to %s.', self::DEEPEST));
        }
    }

    /** Pulses a second. */
    public function rate(): float
    {
        return 2 * $this->mains;
    }

    /**
     * Stops from the darkest to the brightest of frames that are taken one after the other.
     *
     * @param  float  $time  s
     */
    public function variation(float $time): float
    {
        $turns = M_PI * $this->rate() * $time;
        $left = $this->depth * abs(sin($turns) / $turns);

        return log((1 + $left) / (1 - $left), 2);
    }

    /** The longest whole number of pulses that is no longer than a time, and one pulse at least; in seconds. */
    public function steadyTime(float $time): float
    {
        // Engraved times are rounded: 1/60 on the dial is one pulse of 1/120 twice.
        return max(1, (int) floor($time * $this->rate() * 1.02)) / $this->rate();
    }

    /** Dark bands over a frame whose rows are read one after the other within so many seconds. */
    public function bands(float $readout): float
    {
        return $this->rate() * $readout;
    }
}
