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

/** One colour that rules the picture. */
#[Declared('colour.one-hue', Topic::Colour)]
final class OneHue extends FindingRule
{
    /** Mean saturation (HSV) from which a picture is one of colour. */
    private const COLOURED = 0.2;

    /** The same of orange: skin, wood, brick and the light of lamps are that by themselves. */
    private const WARM = 0.55;

    public function needs(): array
    {
        return [Need::Colour];
    }

    public function judge(Situation $situation): ?Finding
    {
        $colour = $situation->measures->colour;
        $dominant = $colour?->dominant;
        if (
            $colour === null ||
            $dominant === null ||
            $dominant['sharePct'] < Thresholds::ONE_HUE ||
            $colour->saturation < ($dominant['hue'] === 'orange' ? self::WARM : self::COLOURED)
        ) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                '%.0f %% of all colour is %s. A single hue holds a picture together; a small accent of its opposite '.
                    'would wake it up, and black-and-white is worth a try.',
                $dominant['sharePct'],
                $dominant['hue'],
            ),
            evidence: [new Evidence('share of all colour', $dominant['sharePct'], '%', Thresholds::ONE_HUE)],
            source: 'Twelfths of the colour circle, weighted by chroma.',
            confidence: 0.8,
        );
    }
}
