<?php

declare(strict_types=1);

namespace TruePupil\Core\Motion;

use TruePupil\Core\Approach\Sharpness;

/**
 * How much a subject stirs while it is photographed, and the longest time that still shows it still. One table for
 * advice, briefs, drills, findings, plans and banks; the times are those of common practice. A known speed refines
 * them.
 */
enum Stir: string
{
    case Still = 'still';
    case Posed = 'posed';
    case Talking = 'talking';
    case Playing = 'playing';
    case Walking = 'walking';
    case Running = 'running';
    /** Field sport, and a bird that sits and watches. */
    case Alert = 'alert';
    /** A bird in flight, splashes. */
    case Flying = 'flying';
    case InWind = 'in-wind';
    case OnStage = 'on-stage';

    /** Stops beyond the strict time to which a known speed leads, and no further. */
    public const REFINED_STOPS = 2.0;

    public function label(): string
    {
        return match ($this) {
            self::Still => 'nothing that moves',
            self::Posed => 'somebody who sits or stands for it',
            self::Talking => 'people who talk',
            self::Playing => 'a child or an animal',
            self::Walking => 'somebody who walks',
            self::Running => 'somebody who runs',
            self::Alert => 'sport on a field, or a bird that sits',
            self::Flying => 'a bird in flight, or a splash',
            self::InWind => 'flowers and grass in wind',
            self::OnStage => 'somebody on a stage',
        };
    }

    /** The longest time in seconds that shows it still; null where nothing moves. */
    public function longest(Sharpness $sharpness = Sharpness::Usual): ?float
    {
        $times = match ($this) {
            self::Still => null,
            self::Posed => [30, 60, 125],
            self::Talking, self::InWind => [60, 125, 250],
            self::Playing => [125, 250, 500],
            self::Walking => [125, 160, 250],
            self::OnStage => [125, 160, 250],
            self::Running => [320, 500, 1000],
            self::Alert => [500, 800, 1600],
            self::Flying => [1000, 2000, 3200],
        };

        return $times === null ? null : 1 / match ($sharpness) {
            Sharpness::Relaxed => $times[0],
            Sharpness::Usual => $times[1],
            Sharpness::Strict => $times[2],
        };
    }
}
