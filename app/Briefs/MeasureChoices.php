<?php

declare(strict_types=1);

namespace App\Briefs;

use Illuminate\Support\Facades\File;
use TruePupil\Core\Checks\Measure;

/** Every measure that a check can look at, as they are found in their folder, by what they are about. */
final class MeasureChoices
{
    /** What the first part of a measure's id stands for, in the order of the composer. */
    private const GROUPS = [
        'record' => 'What was recorded',
        'movement' => 'Movement and stars',
        'stars' => 'Movement and stars',
        'tone' => 'Tones',
        'subject' => 'The marked subject',
        'focus' => 'Focus',
        'composition' => 'Composition',
        'colour' => 'Colour',
        'raw' => 'The raw file',
        'series' => 'A row of frames',
        'film' => 'Film',
        'plan' => 'Plan and sky',
        'sun' => 'Plan and sky',
        'light' => 'Plan and sky',
        'said' => 'What was said',
    ];

    /** @return list<Measure> by id */
    public static function all(): array
    {
        $measures = [];
        foreach (File::glob(base_path('core/Checks/Measures/*.php')) as $file) {
            $class = 'TruePupil\\Core\\Checks\\Measures\\'.basename($file, '.php');
            $measure = new $class();
            \assert($measure instanceof Measure);
            $measures[] = $measure;
        }

        return $measures;
    }

    /** @return array<string, list<Measure>> by the words for what they are about */
    public static function groups(): array
    {
        $groups = array_fill_keys(self::GROUPS, []);
        foreach (self::all() as $measure) {
            $groups[self::GROUPS[explode('.', $measure->id)[0]]][] = $measure;
        }

        return $groups;
    }
}
