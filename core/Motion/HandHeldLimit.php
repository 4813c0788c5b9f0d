<?php

declare(strict_types=1);

namespace TruePupil\Core\Motion;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Optics\InvalidOptics;
use TruePupil\Core\Optics\SensorFormat;

/**
 * The longest exposure that most hands hold still: t = 2^(stabiliser stops)/(crop·f), in seconds, and no more than one.
 * A stabiliser has an end: beyond about a second the whole body sways.
 *
 * The rule of thumb of one over the 35 mm equivalent focal length, widened by the stabiliser. Hands differ.
 */
final readonly class HandHeldLimit
{
    /** Seconds. */
    private const LONGEST = 1.0;

    private function __construct(public float $seconds)
    {
    }

    /** Focal length in millimetres as marked on the lens. @throws InvalidOptics */
    public static function of(float $focalLength, SensorFormat $format, float $stabiliserStops = 0.0): self
    {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');

        return new self(min(self::LONGEST, 2 ** $stabiliserStops / ($format->crop() * $focalLength)));
    }

    /** Stops between an exposure and the limit; positive when the exposure is the shorter, so there is room. */
    public function roomFor(float $seconds): Stops
    {
        return Stops::ofRatio($this->seconds / $seconds);
    }
}
