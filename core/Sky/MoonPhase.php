<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

/** The moon's phase by name. */
enum MoonPhase: string
{
    case NewMoon = 'new moon';
    case WaxingCrescent = 'waxing crescent';
    case FirstQuarter = 'first quarter';
    case WaxingGibbous = 'waxing gibbous';
    case FullMoon = 'full moon';
    case WaningGibbous = 'waning gibbous';
    case LastQuarter = 'last quarter';
    case WaningCrescent = 'waning crescent';

    /** The four principal phases are named within half a day of the moment: the moon gains 12.2° on the sun a day. */
    private const NEAR = 6.1;

    /** By how far the moon is ahead of the sun along the ecliptic, degrees from 0 to 360. */
    public static function ahead(float $degrees): self
    {
        return match (true) {
            $degrees < self::NEAR, $degrees > 360 - self::NEAR => self::NewMoon,
            $degrees < 90 - self::NEAR => self::WaxingCrescent,
            $degrees <= 90 + self::NEAR => self::FirstQuarter,
            $degrees < 180 - self::NEAR => self::WaxingGibbous,
            $degrees <= 180 + self::NEAR => self::FullMoon,
            $degrees < 270 - self::NEAR => self::WaningGibbous,
            $degrees <= 270 + self::NEAR => self::LastQuarter,
            default => self::WaningCrescent,
        };
    }
}
