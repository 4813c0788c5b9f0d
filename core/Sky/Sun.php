<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

/** The sun's place, to about 0.01° (Meeus, Astronomical Algorithms, chapter 25, lower accuracy). */
final readonly class Sun
{
    private function __construct(
        /** Apparent ecliptic longitude, degrees. */
        public float $longitude,
        public float $rightAscension,
        public float $declination,
        /** Distance from Earth, km. */
        public float $distance,
    ) {
    }

    public static function at(JulianDay $day): self
    {
        $t = $day->centuries();
        $mean = 280.46646 + 36000.76983 * $t + 0.0003032 * $t ** 2;
        $anomaly = deg2rad(357.52911 + 35999.05029 * $t - 0.0001537 * $t ** 2);
        $centre =
            (1.914602 - 0.004817 * $t) * sin($anomaly) +
            (0.019993 - 0.000101 * $t) * sin(2 * $anomaly) +
            0.000289 * sin(3 * $anomaly);
        $eccentricity = 0.016708634 - 0.000042037 * $t;
        $radius = (1.000001018 * (1 - $eccentricity ** 2)) / (1 + $eccentricity * cos($anomaly + deg2rad($centre)));
        $node = deg2rad(125.04 - 1934.136 * $t);
        $longitude = $mean + $centre - 0.00569 - 0.00478 * sin($node);
        $obliquity = deg2rad($day->obliquity() + 0.00256 * cos($node));
        $lambda = deg2rad($longitude);

        return new self(
            fmod(fmod($longitude, 360.0) + 360.0, 360.0),
            rad2deg(atan2(cos($obliquity) * sin($lambda), cos($lambda))),
            rad2deg(asin(sin($obliquity) * sin($lambda))),
            $radius * 149_597_870.7,
        );
    }

    public static function seenFrom(Location $place, JulianDay $day): SkyPosition
    {
        $sun = self::at($day);

        return SkyPosition::of($sun->rightAscension, $sun->declination, $day, $place);
    }
}
