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
use TruePupil\Core\Series\Series;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Situation\Situation;

/** A bracket as it should be. */
#[Declared('series.bracket-complete', Topic::Series)]
final class BracketComplete extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $series = $situation->assignment->series;
        if ($series?->kind() !== SeriesKind::Bracket || $series->moving() !== ['time'] || $series->count() < 3) {
            return null;
        }
        $steps = $series->steps();
        $gap = $series->longestGap();
        if (
            $steps === [] ||
            max($steps) - min($steps) > Series::SAME ||
            min($steps) < 0.5 ||
            ($gap !== null && $gap > 3)
        ) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Praise,
            sentence: sprintf(
                'A clean bracket: %d frames, %s apart, one aperture and one ISO.',
                $series->count(),
                Stops::of($steps[0])->inWords(),
            ),
            evidence: array_map(
                fn (int $index, float $step): Evidence => new Evidence(
                    sprintf('step %d', $index + 1),
                    $step,
                    'stops',
                    $steps[0],
                    Series::SAME,
                ),
                array_keys($steps),
                $steps,
            ),
            source: 'Same aperture, same ISO, steps equal within a sixth of a stop.',
        );
    }
}
