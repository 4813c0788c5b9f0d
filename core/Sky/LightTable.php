<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

use TruePupil\Core\Exposure\Ev100;

/**
 * Light by condition: the EV at ISO 100 that sun height, weather and moon usually give. A starting point for a plan,
 * good to about a stop; a meter on the spot is always better.
 *
 * By day: the direct and diffuse daylight of the Illuminating Engineering Society's availability model, E_direct = 128
 * klx·e^(−c·m), E_diffuse = A + B·sin^C(h), on a subject turned 45° from the sun. In twilight: the usual illuminances
 * at 6°, 12° and 18° below the horizon (3.4, 0.008 and 0.0006 lx), interpolated in stops. By night: moonlight of
 * 10^(−0.4·(0.026·φ + 4·10⁻⁹·φ⁴)) of full (Krisciunas and Schaefer 1991) with 0.27 lx for a full moon overhead.
 */
final class LightTable
{
    private const SUN_OUTSIDE = 128_000.0;

    private const FULL_MOON = 0.27;

    private const STARLIGHT = 0.0006;

    /** @param  float  $sunAltitude  degrees */
    public static function ev100(
        float $sunAltitude,
        Weather $weather,
        float $moonAltitude = -90.0,
        float $moonPhaseAngle = 180.0,
    ): Ev100 {
        $lux =
            $sunAltitude > 0
                ? self::daylight($sunAltitude, $weather)
                : self::twilight($sunAltitude) * self::clouds($weather);
        $lux += self::moonlight($moonAltitude, $moonPhaseAngle) * self::clouds($weather);

        return Ev100::of(log(($lux * 100) / Ev100::C, 2));
    }

    private static function daylight(float $altitude, Weather $weather): float
    {
        $sine = sin(deg2rad($altitude));
        // Kasten and Young's air mass, which stays finite at the horizon.
        $mass = 1 / ($sine + 0.50572 * ($altitude + 6.07995) ** -1.6364);
        [$a, $b, $c, $extinction] = match ($weather) {
            Weather::Clear => [800.0, 15_500.0, 0.5, 0.21],
            Weather::OpenShade => [800.0, 15_500.0, 0.5, null],
            Weather::ThinCloud => [300.0, 45_000.0, 1.0, 0.8],
            Weather::Overcast => [300.0, 21_000.0, 1.0, null],
        };
        $diffuse = $a + $b * $sine ** $c;
        $direct = $extinction === null ? 0.0 : self::SUN_OUTSIDE * exp(-$extinction * $mass);

        // Half of the sky lights an upright subject that the sun also reaches; in shade and under cloud the whole does.
        return $direct * cos(deg2rad(45)) + ($weather === Weather::Clear ? $diffuse / 2 : $diffuse);
    }

    /** The usual illuminances under a clear moonless sky, joined by straight lines in stops. */
    private static function twilight(float $altitude): float
    {
        return match (true) {
            $altitude >= -6.0 => self::between($altitude, 0.0, 500.0, -6.0, 3.4),
            $altitude >= -12.0 => self::between($altitude, -6.0, 3.4, -12.0, 0.008),
            $altitude >= -18.0 => self::between($altitude, -12.0, 0.008, -18.0, self::STARLIGHT),
            default => self::STARLIGHT,
        };
    }

    private static function between(float $altitude, float $above, float $lux, float $below, float $less): float
    {
        return $lux * ($less / $lux) ** (($above - $altitude) / ($above - $below));
    }

    private static function moonlight(float $altitude, float $phaseAngle): float
    {
        if ($altitude <= 0) {
            return 0.0;
        }
        $phase = abs($phaseAngle);

        return self::FULL_MOON * 10 ** (-0.4 * (0.026 * $phase + 4e-9 * $phase ** 4)) * sin(deg2rad($altitude));
    }

    private static function clouds(Weather $weather): float
    {
        return match ($weather) {
            Weather::Clear, Weather::OpenShade => 1.0,
            Weather::ThinCloud => 0.5,
            Weather::Overcast => 0.15,
        };
    }
}
