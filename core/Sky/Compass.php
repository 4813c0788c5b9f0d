<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

use InvalidArgumentException;

/** Bearings as people write them: in degrees, or by sixteen points of the compass. */
final class Compass
{
    private const WORDS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'];

    private const POINTS = [
        'n', 'nne', 'ne', 'ene', 'e', 'ese', 'se', 'sse', 's', 'ssw', 'sw', 'wsw', 'w', 'wnw', 'nw', 'nnw',
    ];

    /**
     * @return float  degrees from north through east, 0 to below 360
     *
     * @throws InvalidArgumentException
     */
    public static function parse(string $text): float
    {
        $plain = strtolower(trim($text, " \t°"));
        $point = preg_replace('/[\s-]+/', '', strtr($plain, [
            'north' => 'n', 'east' => 'e', 'south' => 's', 'west' => 'w',
        ]));
        $at = array_search($point, self::POINTS, true);

        return match (true) {
            $at !== false => 22.5 * $at,
            is_numeric($plain) && (float) $plain >= 0.0 && (float) $plain <= 360.0 => fmod((float) $plain, 360.0),
            default => throw new InvalidArgumentException(
                sprintf('A bearing is 0° to 360° from north through east, or as "south-west"; got "%s".', trim($text)),
            ),
        };
    }

    /** The nearest of the eight main points, in words. */
    public static function words(float $azimuth): string
    {
        return self::WORDS[(int) round($azimuth / 45) % 8];
    }
}
