<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Situation\Situation;

/** A series that changes one value, step by step. */
#[Declared('series.one-value-moved', Topic::Series)]
final class OneValueMoved extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $series = $situation->assignment->series;
        $moving = $series?->moving() ?? [];
        if (
            $series === null ||
            $series->kind() !== SeriesKind::OneVariable ||
            count($moving) !== 1 ||
            // Another lens or another focal length is a second value.
            ! $series->isOneView() ||
            ! $series->isMonotonic($moving[0])
        ) {
            return null;
        }
        $range = Stops::of($series->range($series->values($moving[0])));

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Praise,
            sentence: sprintf(
                'Only %s moves in these %d frames, step by step over %s: what changes in the picture is its doing '.
                    'alone.',
                match ($moving[0]) {
                    'aperture' => 'the aperture',
                    'time' => 'the exposure time',
                    'iso' => 'ISO',
                },
                $series->count(),
                $range->inWords(),
            ),
            evidence: [new Evidence($moving[0].' moved by', $range->value, 'stops')],
            source: 'One of aperture, time and ISO moves in one direction; the others stay within a sixth of a stop.',
        );
    }
}
