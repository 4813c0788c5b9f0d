<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

/**
 * The moon's place and phase: the largest periodic terms of Meeus, Astronomical Algorithms, chapter 47 (longitude
 * within about 0.03°, latitude 0.02°), and the illuminated fraction of chapter 48.
 */
final readonly class Moon
{
    /**
     * Multiples of elongation, sun's anomaly, moon's anomaly and latitude argument; longitude in 1e-6°, distance in m.
     */
    private const LONGITUDE_TERMS = [
        [0, 0, 1, 0, 6288774, -20905355],
        [2, 0, -1, 0, 1274027, -3699111],
        [2, 0, 0, 0, 658314, -2955968],
        [0, 0, 2, 0, 213618, -569925],
        [0, 1, 0, 0, -185116, 48888],
        [0, 0, 0, 2, -114332, -3149],
        [2, 0, -2, 0, 58793, 246158],
        [2, -1, -1, 0, 57066, -152138],
        [2, 0, 1, 0, 53322, -170733],
        [2, -1, 0, 0, 45758, -204586],
        [0, 1, -1, 0, -40923, -129620],
        [1, 0, 0, 0, -34720, 108743],
        [0, 1, 1, 0, -30383, 104755],
        [2, 0, 0, -2, 15327, 10321],
        [0, 0, 1, 2, -12528, 0],
        [0, 0, 1, -2, 10980, 79661],
        [4, 0, -1, 0, 10675, -34782],
        [0, 0, 3, 0, 10034, -23210],
        [4, 0, -2, 0, 8548, -21636],
        [2, 1, -1, 0, -7888, 24208],
        [2, 1, 0, 0, -6766, 30824],
        [1, 0, -1, 0, -5163, -8379],
        [1, 1, 0, 0, 4987, -16675],
        [2, -1, 1, 0, 4036, -12831],
        [2, 0, 2, 0, 3994, -10445],
        [4, 0, 0, 0, 3861, -11650],
        [2, 0, -3, 0, 3665, 14403],
    ];

    /** The same multiples; latitude in 1e-6°. */
    private const LATITUDE_TERMS = [
        [0, 0, 0, 1, 5128122],
        [0, 0, 1, 1, 280602],
        [0, 0, 1, -1, 277693],
        [2, 0, 0, -1, 173237],
        [2, 0, -1, 1, 55413],
        [2, 0, -1, -1, 46271],
        [2, 0, 0, 1, 32573],
        [0, 0, 2, 1, 17198],
        [2, 0, 1, -1, 9266],
        [0, 0, 2, -1, 8822],
        [2, -1, 0, -1, 8216],
        [2, 0, -2, -1, 4324],
        [2, 0, 1, 1, 4200],
    ];

    /** Mean distance, km. */
    private const DISTANCE = 385000.56;

    private const EARTH_RADIUS = 6378.14;

    private function __construct(
        public float $rightAscension,
        public float $declination,
        /** km. */
        public float $distance,
        /** Share of the disc that is lit, 0 to 1. */
        public float $illuminated,
        /** Angle at the moon between sun and Earth, degrees: 0 when full. */
        public float $phaseAngle,
        public MoonPhase $phase,
    ) {
    }

    public static function at(JulianDay $day): self
    {
        $t = $day->centuries();
        $mean = 218.3164477 + 481267.88123421 * $t - 0.0015786 * $t ** 2;
        $arguments = array_map(deg2rad(...), [
            297.8501921 + 445267.1114034 * $t - 0.0018819 * $t ** 2,
            357.5291092 + 35999.0502909 * $t - 0.0001536 * $t ** 2,
            134.9633964 + 477198.8675055 * $t + 0.0087414 * $t ** 2,
            93.272095 + 483202.0175233 * $t - 0.0036539 * $t ** 2,
        ]);
        // The sun's terms shrink with the eccentricity of Earth's orbit (47.6).
        $shrink = 1 - 0.002516 * $t;
        $angle = static fn (int $d, int $m, int $n, int $f): float => $d * $arguments[0] +
            $m * $arguments[1] +
            $n * $arguments[2] +
            $f * $arguments[3];
        $longitude = $mean;
        $distance = self::DISTANCE;
        foreach (self::LONGITUDE_TERMS as [$d, $m, $n, $f, $sine, $cosine]) {
            $longitude += ($sine * $shrink ** abs($m) * sin($angle($d, $m, $n, $f))) / 1e6;
            $distance += ($cosine * $shrink ** abs($m) * cos($angle($d, $m, $n, $f))) / 1e3;
        }
        $latitude = 0.0;
        foreach (self::LATITUDE_TERMS as [$d, $m, $n, $f, $sine]) {
            $latitude += ($sine * $shrink ** abs($m) * sin($angle($d, $m, $n, $f))) / 1e6;
        }

        return self::from($day, deg2rad($longitude), deg2rad($latitude), $distance);
    }

    /** Seen from a place on the ground, which stands off Earth's centre: up to a degree lower. */
    public static function seenFrom(Location $place, JulianDay $day): SkyPosition
    {
        $moon = self::at($day);

        return SkyPosition::of(
            $moon->rightAscension,
            $moon->declination,
            $day,
            $place,
            rad2deg(asin(self::EARTH_RADIUS / $moon->distance)),
        );
    }

    private static function from(JulianDay $day, float $longitude, float $latitude, float $distance): self
    {
        $sun = Sun::at($day);
        $obliquity = deg2rad($day->obliquity());
        $elongation = acos(cos($latitude) * cos($longitude - deg2rad($sun->longitude)));
        $phaseAngle = atan2($sun->distance * sin($elongation), $distance - $sun->distance * cos($elongation));
        $ahead = fmod(fmod(rad2deg($longitude) - $sun->longitude, 360.0) + 360.0, 360.0);

        return new self(
            rad2deg(atan2(sin($longitude) * cos($obliquity) - tan($latitude) * sin($obliquity), cos($longitude))),
            rad2deg(asin(sin($latitude) * cos($obliquity) + cos($latitude) * sin($obliquity) * sin($longitude))),
            $distance,
            (1 + cos($phaseAngle)) / 2,
            rad2deg($phaseAngle),
            MoonPhase::ahead($ahead),
        );
    }
}
