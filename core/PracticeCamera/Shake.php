<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Optics\SensorFormat;

/**
 * How far unsteady hands draw a point across the sensor: one circle of confusion at the longest exposure that most
 * hands hold still, and in proportion to time before and after. Each press differs; a tripod does not move.
 */
final readonly class Shake
{
    /** Presses lie between these shares of the usual. */
    private const SPREAD = [0.6, 1.4];

    private function __construct(
        /** mm on the sensor, to the right. */
        public float $right,
        /** mm on the sensor, downwards. */
        public float $down,
    ) {
    }

    public static function none(): self
    {
        return new self(0.0, 0.0);
    }

    /**
     * @param  float  $focalLength  mm
     * @param  int  $seed  of this press
     */
    public static function byHand(
        float $focalLength,
        SensorFormat $format,
        float $stabiliserStops,
        float $seconds,
        int $seed,
    ): self {
        $share = self::SPREAD[0] + (self::SPREAD[1] - self::SPREAD[0]) * SeededRandom::of('shake '.$seed);
        $angle = M_PI * SeededRandom::of('shake direction '.$seed);
        $length =
            ($share * $format->circleOfConfusion() * $seconds) /
            HandHeldLimit::of($focalLength, $format, $stabiliserStops)->seconds;
        // No more than a tenth of the frame: nobody holds on while the camera falls.
        $length = min($length, 0.1 * $format->width);

        return new self($length * cos($angle), $length * sin($angle));
    }
}
