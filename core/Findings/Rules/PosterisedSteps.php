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
use TruePupil\Core\Situation\Situation;

/** Tones pulled apart so far that smooth parts fall into steps. */
#[Declared('colour.posterised', Topic::Colour)]
final class PosterisedSteps extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $gaps = $situation->measures->tone->missingInChannelsPct();
        $worst = max($gaps);
        if ($worst < Thresholds::POSTERISED) {
            return null;
        }
        $channel = ['r' => 'red', 'g' => 'green', 'b' => 'blue'][(string) array_search($worst, $gaps, true)] ?? 'one';

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                '%.0f %% of the steps of the %s channel are empty: tones were pulled apart after they had been '.
                    'stored, and smooth parts fall into visible steps. Start again from the raw file, in 16 bits, '.
                    'with a gentler curve.',
                $worst,
                $channel,
            ),
            evidence: [
                new Evidence('empty steps', $worst, '%', Thresholds::POSTERISED, Thresholds::POSTERISED - $worst),
            ],
            source: 'Codes that no pixel has, between the darkest and the brightest hundredth of a channel.',
            confidence: 0.8,
        );
    }
}
