<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\ColourOverSaturatedPct;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Colours that have run out of room. */
#[Declared('colour.over-saturated', Topic::Colour, contradictedBy: [ColourOverSaturatedPct::class])]
final class OverSaturated extends FindingRule
{
    public function needs(): array
    {
        return [Need::Colour];
    }

    public function judge(Situation $situation): ?Finding
    {
        $share = $situation->measures->colour->overSaturatedPct ?? 0.0;
        if ($share < Thresholds::OVER_SATURATED) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'In %.0f %% of the picture colour is as strong as it can get, and has lost its shades. A calmer '.
                    'picture style, or less saturation afterwards, brings them back.',
                $share,
            ),
            evidence: [
                new Evidence(
                    'over-saturated share',
                    $share,
                    '%',
                    Thresholds::OVER_SATURATED,
                    Thresholds::OVER_SATURATED - $share,
                ),
            ],
            source: 'Pixels with almost nothing left in one channel beside another that is bright.',
            confidence: 0.8,
        );
    }
}
