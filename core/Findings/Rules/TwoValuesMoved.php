<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\SeriesMoving;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Situation\Situation;

/** A series that was to change one value and changed two. */
#[Declared('series.two-values-moved', Topic::Series, contradictedBy: [SeriesMoving::class])]
final class TwoValuesMoved extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $series = $situation->assignment->series;
        if ($series?->kind() !== SeriesKind::OneVariable) {
            return null;
        }
        $moving = $series->moving();
        if (count($moving) < 2) {
            return null;
        }
        $names = array_map(
            fn (string $value): string => match ($value) {
                'aperture' => 'the aperture',
                'time' => 'the exposure time',
                'iso' => 'ISO',
            },
            $moving,
        );

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Fault,
            sentence: sprintf(
                '%s changed in this series, so nobody can tell which of them did what. Fix two of the three in '.
                    'manual, ISO by hand, and turn one dial.',
                ucfirst(implode(' and ', $names)),
            ),
            evidence: array_map(
                fn (string $value): Evidence => new Evidence(
                    $value.' moved by',
                    $series->range($series->values($value)),
                    'stops',
                ),
                $moving,
            ),
            source: 'One of aperture, time and ISO moves; the others stay within a sixth of a stop.',
        );
    }
}
