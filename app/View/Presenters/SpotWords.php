<?php

declare(strict_types=1);

namespace App\View\Presenters;

use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Metering\SpotReading;
use TruePupil\Core\Plan\SceneRange;
use TruePupil\Core\Series\TwoSpots;
use TruePupil\Core\Situation\Situation;

/** A spot reading in words. */
final class SpotWords
{
    private const PATTERNS = [
        'scene' => 'whole scene',
        'centre' => 'centre-weighted',
        'spot' => 'spot here',
        'highlight' => 'highlights',
    ];

    /** Stops from mid-grey at which a tone lies at the ends of what a picture holds: beyond, it tells no more. */
    private const ENDS = [-6.5, 2.4];

    /** Stops from which on it is worth a word what one frame of a sensor holds. */
    private const WIDE = 4.0;

    /** How far two places lie apart, and whether one frame holds the scene between them. */
    public static function between(SpotReading $before, SpotReading $spot, ?Situation $situation): string
    {
        [$from, $to] = [$before->placement->value, $spot->placement->value];
        if (min($from, $to) <= self::ENDS[0] || max($from, $to) >= self::ENDS[1]) {
            return 'One of the two places is lost or blocked here, so that nobody can tell how far they lie apart.';
        }
        $apart = Stops::of(abs($to - $from));
        if ($apart->inThirds() === 0) {
            return 'It is as bright as the place before.';
        }
        $words = sprintf(
            'It is %s %s than the place before.',
            $apart->inWords(),
            $to > $from ? 'brighter' : 'darker',
        );
        $light = $situation?->record->settings()?->ev100();
        $film = $situation?->kit?->film;
        if ($light === null || ($film === null && $apart->value < self::WIDE)) {
            return $words;
        }
        $spots = new TwoSpots(Ev100::of($light->value + min($from, $to)), Ev100::of($light->value + max($from, $to)));

        return $words.' '.($film === null
            ? SceneRange::ofSensor($spots, $situation->kit?->body)
            : SceneRange::ofFilm($spots, $film))->verdict();
    }

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
