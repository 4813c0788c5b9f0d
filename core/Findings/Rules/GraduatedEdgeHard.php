<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** The edge of a graduated filter, or of a gradient drawn afterwards, that can be seen. */
#[Declared('colour.graduated-edge', Topic::Colour)]
final class GraduatedEdgeHard extends FindingRule
{
    public function needs(): array
    {
        return [Need::Colour];
    }

    public function judge(Situation $situation): ?Finding
    {
        $edge = $situation->measures->colour?->graduatedEdge;
        if ($edge === null) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'Across the whole width everything turns %.1f stops darker %s a line %.0f %% down the frame, whatever '.
                    'stands there. That is the edge of a graduated filter or gradient: use a softer one, slide it to '.
                    'where the light really changes, or blend two frames.',
                abs($edge->stops),
                $edge->stops > 0 ? 'above' : 'below',
                100 * $edge->at,
            ),
            evidence: [
                new Evidence('step', abs($edge->stops), 'stops'),
                new Evidence('its height', 100 * $edge->at, '% down'),
            ],
            source: 'The same step in every column, with the same things above it as below.',
            confidence: $edge->confidence - 0.2,
        );
    }
}
