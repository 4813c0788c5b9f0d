<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

/**
 * Where a body stands in the sky of a place: altitude above the horizon and azimuth from north through east, degrees;
 * without refraction.
 */
final readonly class SkyPosition
{
    private function __construct(public float $altitude, public float $azimuth)
    {
    }

    /**
     * From right ascension and declination in degrees (Meeus, chapter 13), with the parallax in altitude of a near
     * body.
     *
     * @param  float  $horizontalParallax  degrees; the moon's is about 0.95
     */
    public static function of(
        float $rightAscension,
        float $declination,
        JulianDay $day,
        Location $place,
        float $horizontalParallax = 0.0,
    ): self {
        $hourAngle = deg2rad($day->siderealTime() + $place->longitude - $rightAscension);
        $latitude = deg2rad($place->latitude);
        $declination = deg2rad($declination);
        $altitude = asin(sin($latitude) * sin($declination) + cos($latitude) * cos($declination) * cos($hourAngle));
        $azimuth = atan2(sin($hourAngle), cos($hourAngle) * sin($latitude) - tan($declination) * cos($latitude));
        $altitude = rad2deg($altitude) - $horizontalParallax * cos($altitude);

        return new self($altitude, fmod(rad2deg($azimuth) + 540.0, 360.0));
    }
}
