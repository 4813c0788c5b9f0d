<?php

declare(strict_types=1);

namespace TruePupil\Core\Plan;

use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Sky\LightTable;
use TruePupil\Core\Sky\Weather;

/**
 * The light of usual conditions, to start a plan from. Daylight and moonlight come from the light table, with the sun
 * 45° high or as the name says; lit places from their usual illuminance in lux (the levels that lighting standards
 * recommend, or what such lamps give), by E = 2^EV100 · C/100 (ISO 2720, C = 250). Good to about a stop.
 */
enum LightCondition: string
{
    case Sun = 'sun';
    case LowSun = 'low-sun';
    case ThinCloud = 'thin-cloud';
    case Overcast = 'overcast';
    case HeavyOvercast = 'heavy-overcast';
    case OpenShade = 'open-shade';
    case Sunset = 'sunset';
    case Dusk = 'dusk';
    case FullMoon = 'full-moon';
    case HalfMoon = 'half-moon';
    case Starlight = 'starlight';
    case Window = 'window';
    case Workshop = 'workshop';
    case Stage = 'stage';
    case ShopWindow = 'shop-window';
    case Home = 'home';
    case LitStreet = 'lit-street';
    case Candles = 'candles';
    case SunsetSky = 'sunset-sky';
    case MoonDisc = 'moon-disc';
    case SportsHall = 'sports-hall';
    case Floodlit = 'floodlit';
    case Fireworks = 'fireworks';
    case Lightning = 'lightning';
    case Aurora = 'aurora';

    public function label(): string
    {
        return match ($this) {
            self::Sun => 'full sun',
            self::LowSun => 'sun low, 8° up',
            self::ThinCloud => 'thin or broken cloud',
            self::Overcast => 'bright overcast',
            self::HeavyOvercast => 'heavy overcast',
            self::OpenShade => 'open shade under a clear sky',
            self::Sunset => 'sunset, the sun on the horizon',
            self::Dusk => 'dusk, the sun 5° down',
            self::FullMoon => 'full moon, high',
            self::HalfMoon => 'half moon, high',
            self::Starlight => 'stars alone',
            self::Window => 'indoors, two metres from a window',
            self::Workshop => 'a lit workshop or classroom',
            self::Stage => 'a lit stage',
            self::ShopWindow => 'a shop window at night',
            self::Home => 'a room in the evening',
            self::LitStreet => 'a lit street',
            self::Candles => 'a face by candles',
            self::SunsetSky => 'the sky itself at sunset',
            self::MoonDisc => 'the full moon\'s disc',
            self::SportsHall => 'a sports hall',
            self::Floodlit => 'floodlit buildings at night',
            self::Fireworks => 'fireworks, their bursts',
            self::Lightning => 'lightning at night',
            self::Aurora => 'the aurora, bright',
        };
    }

    public function ev100(): Ev100
    {
        return match ($this) {
            self::Sun => LightTable::ev100(45, Weather::Clear),
            self::LowSun => LightTable::ev100(8, Weather::Clear),
            self::ThinCloud => LightTable::ev100(45, Weather::ThinCloud),
            self::Overcast => LightTable::ev100(45, Weather::Overcast),
            self::HeavyOvercast => LightTable::ev100(45, Weather::HeavyOvercast),
            self::OpenShade => LightTable::ev100(45, Weather::OpenShade),
            self::Sunset => LightTable::ev100(0, Weather::Clear),
            self::Dusk => LightTable::ev100(-5, Weather::Clear),
            self::FullMoon => LightTable::ev100(-30, Weather::Clear, 60, 0),
            self::HalfMoon => LightTable::ev100(-30, Weather::Clear, 60, 90),
            self::Starlight => LightTable::ev100(-30, Weather::Clear),
            self::Window => self::lux(800),
            self::Workshop => self::lux(500),
            self::Stage => self::lux(1500),
            self::ShopWindow => self::lux(1000),
            self::Home => self::lux(100),
            self::LitStreet => self::lux(15),
            self::Candles => self::lux(5),
            // What a meter held to them says, from the exposures that common practice has for them at ISO 100.
            self::SunsetSky => Ev100::of(12.0),
            self::MoonDisc => Ev100::of(14.5),
            self::SportsHall => Ev100::of(8.0),
            self::Floodlit => Ev100::of(4.0),
            self::Fireworks => Ev100::of(4.5),
            self::Lightning => Ev100::of(2.0),
            self::Aurora => Ev100::of(-3.0),
        };
    }

    private static function lux(float $lux): Ev100
    {
        return Ev100::of(log(($lux * 100) / Ev100::C, 2));
    }
}
