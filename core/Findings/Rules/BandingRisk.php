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

/** Tones pulled so far apart that smooth parts may show steps. */
#[Declared('tone.banding-risk', Topic::Tone)]
final class BandingRisk extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $missing = $situation->measures->toneDetail()->missingCodesPct;
        $plain = array_filter(
            $situation->measures->composition->plain ?? [],
            fn (array $area): bool => $area['kind'] !== 'dark',
        );
        if ($missing < Thresholds::BANDING || $plain === []) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                '%.0f %% of the tones between dark and bright are missing, and there are smooth parts in which such '.
                    'gaps show as steps. Work on the raw file, or pull the curve less far.',
                $missing,
            ),
            evidence: [
                new Evidence('missing tones', $missing, '%', Thresholds::BANDING, Thresholds::BANDING - $missing),
            ],
            source: 'Codes that no pixel has, between the darkest and the brightest hundredth.',
            confidence: 0.7,
        );
    }
}
