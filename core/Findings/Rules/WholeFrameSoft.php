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

/** Nothing in the picture is crisp: shaken where the blur has a direction, out of focus where it has none. */
final class WholeFrameSoft implements FindingRule
{
    public function id(): string
    {
        return 'focus.whole-frame-soft';
    }

    public function needs(): array
    {
        return [Need::FocusMap];
    }

    public function judge(Situation $situation): ?Finding
    {
        $focus = $situation->measures->focus;
        if (
            $focus?->sharpness === null ||
            $focus->confidence < Thresholds::FOCUS_CONFIDENCE ||
            $focus->sharpness >= Thresholds::SOFT
        ) {
            return null;
        }
        $directional = $focus->directional !== null && abs($focus->directional) >= Thresholds::DIRECTIONAL;
        $limit = $situation->handHeldLimit();
        $time = $situation->record->exposure->exposureTime;
        $slow = $limit !== null && $time !== null && $limit->roomFor($time->exact)->value < 0;

        return new Finding(
            id: $this->id(),
            topic: Topic::Focus,
            severity: Severity::Fault,
            sentence: match (true) {
                $directional && $slow => sprintf(
                    'The whole picture is soft, and more so in one direction: the camera moved during %s.',
                    $time,
                ),
                $directional => 'The whole picture is soft, and more so in one direction: something moved, the camera '.
                    'or all of the scene.',
                default => 'The whole picture is evenly soft, without a direction: the focus missed, or the lens was '.
                    'not clean. Try again with one focus point, or by hand with magnification.',
            },
            evidence: [
                new Evidence(
                    'sharpness of the sharpest part',
                    $focus->sharpness,
                    '',
                    Thresholds::SOFT,
                    $focus->sharpness - Thresholds::SOFT,
                ),
                ...$focus->directional === null
                    ? []
                    : [new Evidence('softer in one direction', $focus->directional, 'stops', Thresholds::DIRECTIONAL)],
            ],
            source: 'Edges that spread over five pixels and more at full size; directions compared across and '.
                'downwards.',
            confidence: 0.6 * $focus->confidence,
        );
    }
}
