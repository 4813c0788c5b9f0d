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

    /** From this magnification on it is close up. */
    private const CLOSE = 0.1;

    /** Stops of a stabiliser that keep what its maker promises. */
    private const FULL_STOPS = 3.0;

    private function __construct(public float $seconds)
    {
    }

    /** Focal length in millimetres as marked on the lens. @throws InvalidOptics */
    public static function of(float $focalLength, SensorFormat $format, float $stabiliserStops = 0.0): self
    {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');

        return new self(min(self::LONGEST, 2 ** $stabiliserStops / ($format->crop() * $focalLength)));
    }

    /**
     * As somebody holds it: of a stabiliser three stops count in full and further ones by a third, and close up the
     * hands' sway is enlarged with the subject, by 1 + m.
     *
     * @param  float  $focalLength  mm as marked on the lens
     * @param  float  $stabiliserStops  as its maker promises
     * @param  float  $furtherStops  by what else steadies it, and by the rule that hands are judged by
     * @param  float  $magnification  1 is life size on the sensor
     *
     * @throws InvalidOptics
     */
    public static function held(
        float $focalLength,
        SensorFormat $format,
        float $stabiliserStops = 0.0,
        float $furtherStops = 0.0,
        float $magnification = 0.0,
    ): self {
        $limit = self::of($focalLength, $format, self::credit($stabiliserStops) + $furtherStops);

        return $magnification < self::CLOSE ? $limit : new self($limit->seconds / (1 + $magnification));
    }

    /** What of a stabiliser's stops counts. */
    public static function credit(float $stops): float
    {
        return min(self::FULL_STOPS, $stops) + max(0.0, $stops - self::FULL_STOPS) / 3;
    }

    /** Stops between an exposure and the limit; positive when the exposure is the shorter, so there is room. */
    public function roomFor(float $seconds): Stops
    {
        return Stops::ofRatio($this->seconds / $seconds);
    }
}
