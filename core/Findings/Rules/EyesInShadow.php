<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\SubjectEyeLightStops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Eyes that the light does not reach, or that it stands in. */
#[Declared('tone.eyes-in-shadow', Topic::Tone, contradictedBy: [SubjectEyeLightStops::class])]
final class EyesInShadow extends FindingRule
{
    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $eye = $situation->measures->subject?->eyeLight;
        if ($eye === null || ($eye->stops > Thresholds::EYE_DARK && ! $eye->hasCatchLight)) {
            return null;
        }
        $isDark = $eye->stops <= Thresholds::EYE_DARK;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $isDark ? Severity::Weakness : Severity::Praise,
            sentence: $isDark
                ? 'Does the eye lie in shadow? Its lightest part is darker than the face. Ask for the head to be '.
                    'turned to the light or tilted up, go where the light comes from lower, or hold a reflector or a '.
                    'small lamp in front, below the chin.'
                : 'A light is mirrored in the eye: it looks alive.',
            evidence: [
                new Evidence(
                    'lightest part of the eye against the face',
                    $eye->stops,
                    'stops',
                    Thresholds::EYE_DARK,
                    $eye->stops - Thresholds::EYE_DARK,
                ),
            ],
            source: 'The marked eye against the mean of the marked face.',
            confidence: 0.6,
        );
    }
}
