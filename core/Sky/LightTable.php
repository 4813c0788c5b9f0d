<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

use TruePupil\Core\Exposure\Ev100;

/**
 * Light by condition: the EV at ISO 100 that sun height, weather and moon usually give. It is the light that falls on
 * the subject, so that every tone falls into its own place. A starting point for a plan, good to about a stop; a meter
 * on the spot is always better.
 *
 * By day in the sun: the direct and diffuse daylight of the Illuminating Engineering Society's availability model,
 * E_direct = 128 klx·e^(−c·m), E_diffuse = A + B·sin^C(h), on a subject turned 45° from the sun. Clouds and shade take
 * whole stops from that, as photographers' tables have them: thin cloud one, a bright overcast two, a heavy one three,
 * open shade three under a high sun and less as the sun goes down. In twilight: the usual illuminances at 6°, 12° and
 * 18° below the horizon (3.4, 0.008 and 0.0006 lx), interpolated in stops. By night: moonlight of
 * 10^(−0.4·(0.026·φ + 4·10⁻⁹·φ⁴)) of full (Krisciunas and Schaefer 1991) with 0.27 lx for a full moon overhead.
 */
final class LightTable
{
    private const SUN_OUTSIDE = 128_000.0;

    private const FULL_MOON = 0.27;

    private const STARLIGHT = 0.0006;

    /** Sky by the model under a clear sky: lux at the horizon, lux added, by which power of the sine, extinction. */
    private const CLEAR = [800.0, 15_500.0, 0.5, 0.21];

    /** Degrees from which the sun counts as high, for the shade beside it. */
    private const HIGH = 12.0;

    /** @param  float  $sunAltitude  degrees */
    public static function ev100(
        float $sunAltitude,
        Weather $weather,
        float $moonAltitude = -90.0,
        float $moonPhaseAngle = 180.0,
    ): Ev100 {
        $lux = $sunAltitude > 0 ? self::daylight($sunAltitude) : self::twilight($sunAltitude);
        $lux += self::moonlight($moonAltitude, $moonPhaseAngle);

        return Ev100::of(log(($lux * 100) / Ev100::C, 2) - self::stopsTaken($weather, $sunAltitude));
    }

    /** Lux in the sun on a subject turned 45° from it. */
    private static function daylight(float $altitude): float
    {
        $sine = sin(deg2rad($altitude));
        // Kasten and Young's air mass, which stays finite at the horizon.
        $mass = 1 / ($sine + 0.50572 * ($altitude + 6.07995) ** -1.6364);
        [$a, $b, $c, $extinction] = self::CLEAR;

        // Half of the sky lights an upright subject that the sun also reaches.
        return self::SUN_OUTSIDE * exp(-$extinction * $mass) * cos(deg2rad(45)) + ($a + $b * $sine ** $c) / 2;
    }

    private static function stopsTaken(Weather $weather, float $sunAltitude): float
    {
        return match ($weather) {
            Weather::Clear => 0.0,
            Weather::ThinCloud => 1.0,
            Weather::Overcast => 2.0,
            Weather::HeavyOvercast => 3.0,
            Weather::OpenShade => 3 * sqrt(max(0.0, min(1.0, $sunAltitude / self::HIGH))),
        };
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
}
