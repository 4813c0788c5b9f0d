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

/** The weight of the picture lies far from its subject. */
#[Declared('composition.balance', Topic::Composition)]
final class BalanceElsewhere extends FindingRule
{
    public function needs(): array
    {
        return [Need::Composition, Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $composition = $situation->measures->composition;
        $centre = $situation->measures->subject?->region->centre();
        if ($composition === null || $centre === null) {
            return null;
        }
        $away = abs($composition->attention->balance['x'] - $centre['x']);
        if ($away < Thresholds::UNBALANCED) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'What draws the eye lies, taken together, %.0f %% of the width to the %s of the subject. Does the '.
                    'picture tip over there? A step to one side, or a darker ground, would bring it back.',
                100 * $away,
                $composition->attention->balance['x'] < $centre['x'] ? 'left' : 'right',
            ),
            evidence: [
                new Evidence(
                    'balance from the subject',
                    100 * $away,
                    '%',
                    100 * Thresholds::UNBALANCED,
                    100 * (Thresholds::UNBALANCED - $away),
                ),
            ],
            source: 'Centre of weight of the attention map.',
            confidence: 0.5,
        );
    }
}
