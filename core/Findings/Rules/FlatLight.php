<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\ToneUsedStops;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Situation;

/** Tones that lie close together. */
#[Declared('tone.flat-light', Topic::Tone, contradictedBy: [ToneUsedStops::class])]
final class FlatLight extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $spread = $situation->measures->toneDetail()->spreadStops;
        if ($spread >= Thresholds::FLAT || $spread <= 0.2) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'Nine tenths of the picture lie within %s: the light is flat. Side light, a lower sun or a darker '.
                    'ground would give it form; or let softness be the point.',
                Stops::of($spread)->inWords(),
            ),
            evidence: [
                new Evidence(
                    'spread of nine tenths of the tones',
                    $spread,
                    'stops',
                    Thresholds::FLAT,
                    $spread - Thresholds::FLAT,
                ),
            ],
            source: 'Stops between the darkest and the brightest twentieth of all pixels.',
        );
    }
}
