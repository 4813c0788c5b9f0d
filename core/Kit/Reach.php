<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\StopIncrement;

/**
 * What the equipment in use can be set to: ends and steps of every dial, of a body with the lens at its focal length,
 * or of what a record shows where no kit says. Whoever proposes a value asks here.
 */
final readonly class Reach
{
    /** Where no kit says: what nearly every camera reaches. */
    private const ASSUMED = ['fastest' => 1 / 4000, 'slowest' => 30.0, 'highestIso' => 6400.0];

    /** Engraved values are rounded: a twelfth of a stop is the same value. */
    private const SAME = 2 ** (1 / 12);

    /**
     * @param  float  $fastest  s
     * @param  float  $slowest  s, without bulb
     * @param  float  $lowestIso  extended values included
     * @param  float  $baseIso  the sensor's own
     * @param  ?float  $widest  f-number at the focal length in use; null where nobody knows
     * @param  ?float  $smallest  f-number; null where nobody knows
     * @param  bool  $isAssumed  whether the ends of the body's dials are what is usual, since no kit says
     */
    private function __construct(
        public float $fastest,
        public float $slowest,
        public float $lowestIso,
        public float $baseIso,
        public float $highestIso,
        public ?float $widest,
        public ?float $smallest,
        public StopIncrement $increment,
        public bool $isAssumed,
    ) {
    }

    /** Of a body, with what its lens does at the focal length in use. */
    public static function of(Body $body, ?float $widest = null, ?float $smallest = null): self
    {
        $limits = $body->limits;

        return new self(
            $limits->fastest,
            $limits->slowest,
            $limits->isoMin,
            $limits->isoBase,
            $limits->isoMax,
            $widest,
            $smallest,
            $limits->increment,
            false,
        );
    }

    /**
     * Where no kit says: the usual ends, and as far as the camera was seen to go.
     *
     * @param  ?ExposureSettings  $seen  that the camera was set to
     */
    public static function assumed(
        ?ExposureSettings $seen,
        float $baseIso,
        ?float $widest = null,
        ?float $smallest = null,
    ): self {
        return new self(
            min(self::ASSUMED['fastest'], $seen->time->exact ?? INF),
            max(self::ASSUMED['slowest'], $seen->time->exact ?? 0.0),
            min($baseIso, $seen->iso->exact ?? INF),
            $baseIso,
            max(self::ASSUMED['highestIso'], $seen->iso->exact ?? 0.0),
            $widest,
            $smallest,
            StopIncrement::Third,
            true,
        );
    }

    /** The ends of the body's dials. */
    public function limits(): BodyLimits
    {
        return new BodyLimits(
            fastest: $this->fastest,
            slowest: $this->slowest,
            isoMin: $this->lowestIso,
            isoMax: $this->highestIso,
            isoBase: $this->baseIso,
            increment: $this->increment,
        );
    }

    public function hasTime(ExposureTime $time): bool
    {
        $end = fn (float $seconds): float => ExposureTime::of($seconds)->exact;

        return self::lies($time->exact, $end($this->fastest), $end($this->slowest));
    }

    /** @param  ?float  $from  the lowest that is wanted, where that is not the lowest of the dial */
    public function hasIso(Iso $iso, ?float $from = null): bool
    {
        return self::lies($iso->exact, Iso::of($from ?? $this->lowestIso)->exact, Iso::of($this->highestIso)->exact);
    }

    /** An end that nobody knows is where the lens was seen. */
    public function hasAperture(Aperture $aperture, Aperture $seen): bool
    {
        return self::lies(
            $aperture->exact,
            $this->widest === null ? $seen->exact : Aperture::of($this->widest)->exact,
            $this->smallest === null ? $seen->exact : Aperture::of($this->smallest)->exact,
        );
    }

    private static function lies(float $value, float $least, float $most): bool
    {
        return $value >= $least / self::SAME && $value <= $most * self::SAME;
    }
}
