<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Composition\PlaceName;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Whether the marked eye is the sharpest part of the picture. */
final class EyeSharp implements FindingRule
{
    public function id(): string
    {
        return 'focus.eye';
    }

    public function needs(): array
    {
        return [Need::FocusMap];
    }

    public function judge(Situation $situation): ?Finding
    {
        $focus = $situation->measures->focus;
        $ratio = $focus?->eyeRatio;
        if (
            $focus === null ||
            $ratio === null ||
            $focus->confidence < Thresholds::FOCUS_CONFIDENCE ||
            ($focus->sharpness ?? 0.0) < Thresholds::SOFT
        ) {
            return null;
        }
        if ($ratio >= Thresholds::FOCUS_MISSED && $ratio < Thresholds::FOCUS_HELD) {
            return null;
        }
        $held = $ratio >= Thresholds::FOCUS_HELD;
        $limit = $held ? Thresholds::FOCUS_HELD : Thresholds::FOCUS_MISSED;

        return new Finding(
            id: $this->id(),
            topic: Topic::Focus,
            severity: $held ? Severity::Praise : Severity::Fault,
            sentence: $held
                ? 'The eye is as sharp as anything in the picture: that is where one looks first.'
                : sprintf(
                    'The eye is %.0f %% as sharp as the sharpest part, which lies %s. Put a single focus point on the '.
                        'near eye, or let the camera find it, and take more than one.',
                    100 * $ratio,
                    PlaceName::of($focus->sharpest['x'] ?? 0.5, $focus->sharpest['y'] ?? 0.5),
                ),
            evidence: [
                new Evidence('eye against the sharpest part', 100 * $ratio, '%', 100 * $limit, 100 * ($ratio - $limit)),
            ],
            source: 'Second over first differences of neighbouring pixels in a square round the mark, noise taken off.',
            confidence: $focus->confidence,
        );
    }
}
