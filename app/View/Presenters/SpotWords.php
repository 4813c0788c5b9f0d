<?php

declare(strict_types=1);

namespace App\View\Presenters;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Metering\SpotReading;

/** A spot reading in words. */
final class SpotWords
{
    private const PATTERNS = [
        'scene' => 'whole scene',
        'centre' => 'centre-weighted',
        'spot' => 'spot here',
        'highlight' => 'highlights',
    ];

    /** The compensation with which each metering pattern would have put the spot on mid-grey. */
    public static function compensations(SpotReading $spot): string
    {
        $words = [];
        foreach ($spot->compensations as $pattern => $stops) {
            $words[] = self::PATTERNS[$pattern].' '.Stops::of($stops)->signed();
        }

        return implode(', ', $words);
    }
}
