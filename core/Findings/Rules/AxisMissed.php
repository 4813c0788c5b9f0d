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
use TruePupil\Core\Situation\Situation;

/** Symmetry about an axis that somebody declared by a mark. */
#[Declared('composition.axis', Topic::Composition, contradictedBy: [CompositionSymmetry::class])]
final class AxisMissed extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $axis = $situation->measures->claims->marks?->axis;
        if ($axis === null) {
            return null;
        }
        $isSymmetrical = $axis['best'] >= Thresholds::SYMMETRICAL;
        $isOn = abs($axis['offPct']) <= 100 * Thresholds::AXIS_OFF;
        $kept = $isSymmetrical && $isOn;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $kept ? Severity::Praise : Severity::Weakness,
            sentence: match (true) {
                $kept => sprintf(
                    'The two sides of the axis that you marked mirror each other: %.2f of a possible 1.',
                    $axis['score'],
                ),
                $isSymmetrical => sprintf(
                    'The picture is symmetrical about a line %.1f %% of the width beside the axis that you marked. A '.
                        'small step sets it right.',
                    abs($axis['offPct']),
                ),
                default => sprintf(
                    'You marked an axis of symmetry, and the two sides are alike to %.2f only. Look for what breaks '.
                        'it: something on one side, a slanting viewpoint, uneven light.',
                    $axis['score'],
                ),
            },
            evidence: [
                new Evidence(
                    'likeness of the two sides',
                    $axis['score'],
                    '',
                    Thresholds::SYMMETRICAL,
                    $axis['score'] - Thresholds::SYMMETRICAL,
                ),
                new Evidence(
                    'best axis beside the marked one',
                    $axis['offPct'],
                    '% of the width',
                    100 * Thresholds::AXIS_OFF,
                    100 * Thresholds::AXIS_OFF - abs($axis['offPct']),
                ),
            ],
            source: 'Correlation of the picture with its mirror image about the marked line and lines beside it.',
            confidence: max(0.3, abs($axis['best'])),
        );
    }
}
