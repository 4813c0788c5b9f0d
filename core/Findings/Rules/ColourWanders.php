<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Situation;

/** Frames of one view, taken soon after one another, whose greys are not the same grey. */
#[Declared('colour.wanders', Topic::Colour)]
final class ColourWanders extends FindingRule
{
    /** Seconds within which the light of a place stays about what it is. */
    private const SOON = 900;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $work = $situation->assignment->work;
        $range = $work?->warmRange();
        $seconds = $work?->seconds();
        if (
            $work === null || $range === null || $seconds === null || $range < Thresholds::CAST_WANDERS
            || $seconds > self::SOON || $work->hasMoved() !== false
        ) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'From frame to frame of this view the grey goes from colder to warmer by %.1f stop. %s',
                $range,
                match ($situation->record->handling->whiteBalance) {
                    'auto' => 'Did the camera balance each anew? A fixed value keeps a row together.',
                    'set' => 'White balance was set by hand: did the light change?',
                    default => 'Was white balance automatic, or did the light change?',
                },
            ),
            evidence: [
                new Evidence(
                    'red against blue in what should be grey, across the row',
                    $range,
                    'stops',
                    Thresholds::CAST_WANDERS,
                    Thresholds::CAST_WANDERS - $range,
                ),
            ],
            source: 'The least saturated quarter of the mid-tones of each frame.',
            confidence: 0.4,
        );
    }
}
