<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Whether the marked subject is the sharpest part of the picture. */
final class FocusOnSubject implements FindingRule
{
    public function id(): string
    {
        return 'focus.on-subject';
    }

    public function needs(): array
    {
        return [Need::FocusMap, Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $focus = $situation->measures->focus;
        $ratio = $focus?->subjectRatio;
        if (
            $focus === null ||
            $ratio === null ||
            $focus->sharpest === null ||
            $focus->sharpness === null ||
            $focus->confidence < Thresholds::FOCUS_CONFIDENCE ||
            $focus->sharpness < Thresholds::SOFT
        ) {
            return null;
        }
        if ($ratio >= Thresholds::FOCUS_HELD) {
            return new Finding(
                id: $this->id(),
                topic: Topic::Focus,
                severity: Severity::Praise,
                sentence: 'The subject is the sharpest part of the picture: the focus sits where it should.',
                evidence: [
                    new Evidence(
                        'subject against the sharpest part',
                        100 * $ratio,
                        '%',
                        100 * Thresholds::FOCUS_HELD,
                        100 * ($ratio - Thresholds::FOCUS_HELD),
                    ),
                ],
                source: 'Second over first differences of neighbouring pixels, noise taken off.',
                confidence: $focus->confidence,
            );
        }
        if ($ratio >= Thresholds::FOCUS_MISSED) {
            return null;
        }
        $side = $focus->sharpest['x'] < 0.36 ? 'left' : ($focus->sharpest['x'] > 0.64 ? 'right' : 'middle');
        $height = $focus->sharpest['y'] < 0.36 ? 'upper' : ($focus->sharpest['y'] > 0.64 ? 'lower' : 'middle');

        return new Finding(
            id: $this->id(),
            topic: Topic::Focus,
            severity: $ratio < 0.4 ? Severity::Fault : Severity::Weakness,
            sentence: sprintf(
                'The sharpest part lies in the %s, not on the subject, which is only %.0f %% as sharp. Put the focus '.
                    'point on it, and check it large on the screen before you leave.',
                $side === $height ? 'middle' : trim($height.' '.$side),
                100 * $ratio,
            ),
            evidence: [
                new Evidence(
                    'subject against the sharpest part',
                    100 * $ratio,
                    '%',
                    100 * Thresholds::FOCUS_MISSED,
                    100 * ($ratio - Thresholds::FOCUS_MISSED),
                ),
            ],
            source: 'Second over first differences of neighbouring pixels, noise taken off.',
            confidence: $focus->confidence,
        );
    }
}
