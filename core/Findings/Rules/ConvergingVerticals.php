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
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Upright lines that lean together. */
#[Declared('composition.converging-verticals', Topic::Composition, explains: [LineAtEdge::class])]
final class ConvergingVerticals extends FindingRule
{
    public function needs(): array
    {
        return [Need::Composition];
    }

    public function judge(Situation $situation): ?Finding
    {
        $convergence = $situation->measures->composition?->lean->convergenceDeg;
        if ($convergence === null || abs($convergence) < Thresholds::CONVERGING) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'Upright lines lean %.1f° %s from one side of the frame to the other: the camera looked %s. Hold it '.
                    'level and step back, or take it so far that it is plainly meant.',
                abs($convergence),
                $convergence > 0 ? 'together' : 'apart',
                $convergence > 0 ? 'up' : 'down',
            ),
            evidence: [
                new Evidence(
                    'convergence',
                    $convergence,
                    '°',
                    Thresholds::CONVERGING,
                    Thresholds::CONVERGING - abs($convergence),
                ),
            ],
            source: 'The lean of the longest upright lines against their place in the frame.',
            confidence: 0.7,
        );
    }
}
