<?php

declare(strict_types=1);

namespace App\Briefs;

use Illuminate\Support\Facades\File;
use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\TypedNumber;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Checks\Measures\FocusEyeSharpness;
use TruePupil\Core\Checks\Measures\FocusSubjectSharpness;
use TruePupil\Core\Checks\Measures\RecordExposureTime;
use TruePupil\Core\Checks\Measures\RecordFNumber;
use TruePupil\Core\Checks\Measures\RecordFocalLength35;
use TruePupil\Core\Checks\Measures\RecordIso;
use TruePupil\Core\Checks\Measures\RecordMode;
use TruePupil\Core\Checks\Measures\SeriesMoving;
use TruePupil\Core\Checks\Measures\SubjectPlacementError;
use TruePupil\Core\Checks\Measures\SubjectSharePct;
use TruePupil\Core\Checks\Measures\ToneLostHighlightsPct;

/** Every measure that a check can look at, as they are found in their folder, by what they are about. */
final class MeasureChoices
{
    /** What is asked most, by the measure that a check of it begins with. */
    public const TOPICS = [
        RecordFNumber::ID => 'aperture',
        RecordExposureTime::ID => 'time',
        RecordIso::ID => 'ISO',
        RecordFocalLength35::ID => 'focal length',
        RecordMode::ID => 'mode',
        SubjectPlacementError::ID => 'exposure of the subject',
        ToneLostHighlightsPct::ID => 'tones',
        FocusSubjectSharpness::ID => 'focus',
        FocusEyeSharpness::ID => 'an eye',
        SubjectSharePct::ID => 'composition',
        SeriesMoving::ID => 'a row of frames',
    ];

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

    /** How a comparison of a measure is said after its limit, or before its words. */
    public static function compared(?CheckMeasure $measure, Comparison $comparison): string
    {
        return match ($comparison) {
            Comparison::OneOf => 'is',
            Comparison::NoneOf => 'is not',
            Comparison::Within => 'at most, to either side',
            Comparison::Between => 'to',
            default => $measure?->orWord($comparison) ?? $comparison->label(),
        };
    }

    /**
     * Limits of a measure that are chosen by a word; the one that is typed is among them.
     *
     * @return array<int|string, string> words by limit
     */
    public static function levels(?CheckMeasure $measure, string $typed): array
    {
        $levels = $measure?->levels() ?? [];
        $words = array_combine(array_map(strval(...), $levels), array_keys($levels));
        $own = TypedNumber::parse($typed);

        return $levels === [] || $own === null || isset($words[$typed])
            ? $words
            : [$typed => $measure->told($own)] + $words;
    }

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
