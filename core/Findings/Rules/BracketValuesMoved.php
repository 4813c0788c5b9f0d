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

/** A bracket in which aperture or ISO moved with the time. */
#[Declared('series.bracket-values-moved', Topic::Series, contradictedBy: [SeriesMoving::class])]
final class BracketValuesMoved extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $series = $situation->assignment->series;
        if ($series?->kind() !== SeriesKind::Bracket) {
            return null;
        }
        $moved = array_values(array_diff($series->moving(), ['time']));
        if ($moved === []) {
            return null;
        }
        $evidence = [];
        foreach ($moved as $value) {
            $evidence[] = new Evidence(
                $value === 'iso' ? 'ISO moved by' : 'aperture moved by',
                $series->range($series->values($value)),
                'stops',
                0.0,
                -$series->range($series->values($value)),
            );
        }
        $names = implode(
            ' and ',
            array_map(fn (string $value): string => $value === 'iso' ? 'ISO' : 'the aperture', $moved),
        );

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Fault,
            sentence: sprintf(
                'In this bracket %s changed between the frames, so %s differs from frame to frame and they will not '.
                    'merge cleanly. Fix aperture and ISO, in manual or by bracketing in aperture priority with ISO '.
                    'set, and let only the time move.',
                $names,
                in_array('aperture', $moved, true) ? 'depth of field' : 'noise',
            ),
            evidence: $evidence,
            source: 'A bracket has one aperture and one ISO, each within a sixth of a stop.',
        );
    }
}
