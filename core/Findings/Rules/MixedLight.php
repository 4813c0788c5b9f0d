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

/** Two areas that a person marked, of which one is much warmer: perhaps two lights, and white balance fits one. */
#[Declared('colour.mixed-light', Topic::Colour)]
final class MixedLight extends FindingRule
{
    public function needs(): array
    {
        return [Need::Colour];
    }

    public function judge(Situation $situation): ?Finding
    {
        $warmth = $situation->measures->claims->marks->areaWarmth ?? [];
        if (count($warmth) < 2) {
            return null;
        }
        $apart = max($warmth) - min($warmth);
        if ($apart < Thresholds::TWO_LIGHTS) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'Of the areas that you marked, one is %.1f stops warmer than another. If they are of one colour, two '.
                    'lights fall on them, and white balance fits one: which of them is the subject\'s?',
                $apart,
            ),
            evidence: [
                new Evidence(
                    'red against blue, between the areas',
                    $apart,
                    'stops',
                    Thresholds::TWO_LIGHTS,
                    Thresholds::TWO_LIGHTS - $apart,
                ),
            ],
            source: 'Mean linear light of the marked areas. Their own colours are part of it.',
            confidence: 0.4,
        );
    }
}
