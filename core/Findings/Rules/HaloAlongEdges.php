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

/** A glow along the edges: contrast was pulled up further than the picture bears. */
#[Declared('colour.halo', Topic::Colour)]
final class HaloAlongEdges extends FindingRule
{
    public function needs(): array
    {
        return [Need::Colour];
    }

    public function judge(Situation $situation): ?Finding
    {
        $halo = $situation->measures->colour?->halo;
        if ($halo === null || $halo < Thresholds::HALO) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'Along strong edges the bright side glows and the dark side sinks by %.0f %% of the step between '.
                    'them: a halo. Take back clarity, local contrast or lifted shadows until the edge is only an '.
                    'edge.',
                100 * $halo,
            ),
            evidence: [
                new Evidence(
                    'overshoot along edges',
                    100 * $halo,
                    '% of the step',
                    100 * Thresholds::HALO,
                    100 * (Thresholds::HALO - $halo),
                ),
            ],
            source: 'Bands beside strong edges on plain ground, near against far; the weaker side counts.',
            confidence: 0.5,
        );
    }
}
