<?php

declare(strict_types=1);

namespace TruePupil\Core\Motion;

use TruePupil\Core\Optics\InvalidOptics;
use TruePupil\Core\Optics\SensorFormat;

/** How long stars stay points on a camera that stands still. */
final class StarTrail
{
    /** The sky's turning, radians per second (one turn in a sidereal day of 86 164 s). */
    public const TURNING = 7.2921e-5;

    private const SLOWEST = 0.01;

    /**
     * The rough rule: 500/(crop·f·cosδ), seconds. Focal length in mm, declination δ in degrees.
     *
     * @throws InvalidOptics
     */
    public static function roughLimit(float $focalLength, SensorFormat $format, float $declination = 0.0): float
    {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');

        return 500 / ($format->crop() * $focalLength * self::turning($declination));
    }

    /**
     * The pixel-based rule: (35·N + 30·p)/(f·cosδ), seconds. Focal length in mm, pixel pitch in µm, declination δ in
     * degrees.
     *
     * @throws InvalidOptics
     */
    public static function pixelLimit(
        float $focalLength,
        float $fNumber,
        float $pitch,
        float $declination = 0.0,
    ): float {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        InvalidOptics::unlessPositive('f-number', $fNumber);
        InvalidOptics::unlessPositive('pixel pitch', $pitch, 'µm');

        return (35 * $fNumber + 30 * $pitch) / ($focalLength * self::turning($declination));
    }

    /** How fast a star wanders, against one on the celestial equator; never quite zero: none stands at the pole. */
    private static function turning(float $declination): float
    {
        return max(self::SLOWEST, abs(cos(deg2rad($declination))));
    }

    /**
     * Length of the trail in pixels, exactly: f·ω·cosδ·t/p, with declination δ in degrees.
     *
     * @throws InvalidOptics
     */
    public static function pixels(float $focalLength, float $pitch, float $declination, float $seconds): float
    {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        InvalidOptics::unlessPositive('pixel pitch', $pitch, 'µm');

        return ($focalLength * 1000 * self::TURNING * cos(deg2rad($declination)) * $seconds) / $pitch;
    }
}
