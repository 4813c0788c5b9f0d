<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\CompositionEdges;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A bright or strongly coloured patch that touches the edge and pulls the eye out of the frame. */
#[Declared('composition.edge-pull', Topic::Composition, contradictedBy: [CompositionEdges::class])]
final class EdgePull extends FindingRule
{
    public function needs(): array
    {
        return [Need::Composition];
    }

    public function judge(Situation $situation): ?Finding
    {
        $runs = $situation->measures->composition->edges ?? [];
        $worst = null;
        foreach ($runs as $run) {
            $pull = $run['strength'] * ($run['to'] - $run['from']);
            if (
                $pull >= Thresholds::EDGE_PULL &&
                ($worst === null || $pull > $worst['strength'] * ($worst['to'] - $worst['from']))
            ) {
                $worst = $run;
            }
        }
        if ($worst === null) {
            return null;
        }
        $pull = $worst['strength'] * ($worst['to'] - $worst['from']);
        $upright = $worst['side'] === 'left' || $worst['side'] === 'right';
        $middle = ($worst['from'] + $worst['to']) / 2;
        $where = match (true) {
            $middle < 0.34 => $upright ? 'upper part of the ' : 'left part of the ',
            $middle > 0.66 => $upright ? 'lower part of the ' : 'right part of the ',
            default => 'middle of the ',
        };

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'A %s patch at the %s%s edge pulls the eye out of the picture. Run your eye once round the border '.
                    'before you press.',
                $worst['kind'] === 'bright' ? 'bright' : 'strongly coloured',
                $where,
                $worst['side'],
            ),
            evidence: [
                new Evidence(
                    'pull (strength × length)',
                    round($pull, 3),
                    '',
                    Thresholds::EDGE_PULL,
                    Thresholds::EDGE_PULL - $pull,
                ),
            ],
            source: 'Runs within 3 % of the border that are much brighter than the picture, or saturated.',
            confidence: 0.7,
        );
    }
}
