<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\FocusEyeRatio;
use TruePupil\Core\Checks\Measures\FocusEyeSharpness;
use TruePupil\Core\Composition\PlaceName;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Focus\FocusMeasures;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Whether the marked eye is the sharpest part of the picture. */
#[Declared('focus.eye', Topic::Focus, contradictedBy: [FocusEyeSharpness::class, FocusEyeRatio::class])]
final class EyeSharp extends FindingRule
{
    public function needs(): array
    {
        return [Need::FocusMap];
    }

    public function judge(Situation $situation): ?Finding
    {
        $focus = $situation->measures->focus;
        $eye = $focus?->eye;
        if (
            $focus === null ||
            $eye === null ||
            $focus->confidence < Thresholds::FOCUS_CONFIDENCE ||
            $focus->smear !== null ||
            ($focus->sharpness ?? 0.0) < Thresholds::SOFT
        ) {
            return null;
        }
        $held = $eye->sharpness >= Thresholds::SHARP && $eye->ratio >= Thresholds::EYE_HELD;
        $isBehind = $eye->ratio < Thresholds::EYE_MISSED;
        if (! $held && ! $isBehind && $eye->sharpness >= Thresholds::SUBJECT_SOFT) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $held ? Severity::Praise : Severity::Fault,
            sentence: match (true) {
                $held => 'The eye is crisp: that is where one looks first.',
                $isBehind => sprintf(
                    'The eye is %.0f %% as sharp as what lies round it. Put a single focus point on the near eye, or '.
                        'let the camera find it, and take more than one.',
                    100 * $eye->ratio,
                ),
                default => sprintf(
                    'The eye is soft; the sharpest part of the picture lies in the %s. Put a single focus point on '.
                        'the near eye, or let the camera find it, and take more than one.',
                    PlaceName::of($focus->sharpest['x'] ?? 0.5, $focus->sharpest['y'] ?? 0.5),
                ),
            },
            evidence: [
                $isBehind
                    ? new Evidence(
                        'eye against what lies round it',
                        100 * $eye->ratio,
                        '%',
                        100 * Thresholds::EYE_MISSED,
                        100 * ($eye->ratio - Thresholds::EYE_MISSED),
                    )
                    : new Evidence(
                        'sharpness of the eye',
                        100 * $eye->sharpness,
                        '%',
                        100 * ($held ? Thresholds::SHARP : Thresholds::SUBJECT_SOFT),
                        100 * ($eye->sharpness - ($held ? Thresholds::SHARP : Thresholds::SUBJECT_SOFT)),
                    ),
            ],
            source: FocusMeasures::METHOD,
            confidence: $focus->confidence,
        );
    }
}
