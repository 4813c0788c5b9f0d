<?php

declare(strict_types=1);

namespace App\Briefs;

use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Brief\Comparison;

/** What a check can look at, by what it is about, and how it can be compared. */
final class MeasureChoices
{
    /** What the first part of a measure's name stands for. */
    private const GROUPS = [
        'record' => 'What was recorded',
        'movement' => 'Movement and stars',
        'stars' => 'Movement and stars',
        'tone' => 'Tones',
        'subject' => 'The marked subject',
        'focus' => 'Focus',
        'raw' => 'The raw file',
        'composition' => 'Composition',
        'colour' => 'Colour',
        'series' => 'A row of frames',
        'film' => 'Film',
        'plan' => 'Plan and sky',
        'sun' => 'Plan and sky',
        'light' => 'Plan and sky',
        'said' => 'What was said',
    ];

    /** @return array<string, list<CheckMeasure>> by the words for what they are about */
    public static function groups(): array
    {
        $groups = [];
        foreach (CheckMeasure::cases() as $measure) {
            $groups[self::GROUPS[explode('.', $measure->value)[0]]][] = $measure;
        }

        return $groups;
    }

    /** @return list<Comparison> that make sense for a measure */
    public static function comparisons(?CheckMeasure $measure): array
    {
        return match (true) {
            $measure !== null && $measure->words() !== [] => [Comparison::OneOf, Comparison::NoneOf],
            $measure === null || $measure->isAboutZero() => [
                Comparison::AtMost,
                Comparison::AtLeast,
                Comparison::Within,
            ],
            default => [Comparison::AtMost, Comparison::AtLeast],
        };
    }
}
