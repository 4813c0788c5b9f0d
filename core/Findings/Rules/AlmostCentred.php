<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\CompositionSymmetry;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Symmetry that is nearly there and misses the middle. */
#[Declared('composition.almost-centred', Topic::Composition, contradictedBy: [CompositionSymmetry::class])]
final class AlmostCentred extends FindingRule
{
    public function needs(): array
    {
        return [Need::Composition];
    }

    public function judge(Situation $situation): ?Finding
    {
        $composition = $situation->measures->composition;
        if ($composition === null || $composition->symmetry->best < Thresholds::SYMMETRICAL) {
            return null;
        }
        $off = $composition->symmetry->axis - 0.5;
        $declared = $situation->statement->intent->idea === Idea::Symmetry;
        if (abs($off) <= Thresholds::AXIS_OFF) {
            return $declared
                ? new Finding(
                    id: $this->id(),
                    topic: $this->topic(),
                    severity: Severity::Praise,
                    sentence: sprintf(
                        'The symmetry is exact: its axis lies within %.1f %% of the middle.',
                        100 * abs($off),
                    ),
                    evidence: [
                        new Evidence(
                            'axis from the middle',
                            100 * $off,
                            '%',
                            100 * Thresholds::AXIS_OFF,
                            100 * (Thresholds::AXIS_OFF - abs($off)),
                        ),
                    ],
                    source: 'Correlation of the picture with its mirror image.',
                    confidence: $composition->symmetry->best,
                )
                : null;
        }
        // Who did not mean it symmetrical has nothing to set right: a drawing, a plate and a door are so by themselves.
        if (abs($off) > 0.08 || $situation->statement->intent->idea !== Idea::Symmetry) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $declared ? Severity::Fault : Severity::Weakness,
            sentence: sprintf(
                'The picture is built on symmetry, and its axis lies %.1f %% of the width to the %s of the middle. A '.
                    'small step to the %s sets it right; a crop costs %.0f %% of the width.',
                100 * abs($off),
                $off > 0 ? 'right' : 'left',
                $off > 0 ? 'right' : 'left',
                200 * abs($off),
            ),
            evidence: [
                new Evidence(
                    'axis from the middle',
                    100 * $off,
                    '%',
                    100 * Thresholds::AXIS_OFF,
                    100 * (Thresholds::AXIS_OFF - abs($off)),
                ),
                new Evidence('likeness of the two sides', $composition->symmetry->best, '', Thresholds::SYMMETRICAL),
            ],
            source: 'Correlation of the picture with its mirror image about the best axis.',
            confidence: $composition->symmetry->best,
        );
    }
}
