<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/** The eleven tonal zones, 0 to X, one stop apart; V is mid-grey. */
final class ZoneOfTone
{
    private const NUMERALS = ['0', 'I', 'II', 'III', 'IV', 'V', 'VI', 'VII', 'VIII', 'IX', 'X'];

    /** The zone that a tone falls in, by its stops from mid-grey. */
    public static function of(Stops $placement): string
    {
        return self::NUMERALS[max(0, min(10, 5 + (int) round($placement->value)))];
    }
}
