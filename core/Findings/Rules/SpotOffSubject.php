<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A spot reading taken in the middle while the subject stood elsewhere. */
#[Declared('mode.spot-off-subject', Topic::Mode)]
final class SpotOffSubject extends FindingRule
{
    /** Share of the frame. */
    private const ELSEWHERE = 0.18;

    public function needs(): array
    {
        return [Need::Subject, Need::Mode];
    }

    public function judge(Situation $situation): ?Finding
    {
        $centre = $situation->measures->subject?->region->centre();
        $error = $situation->placementError();
        if (
            $situation->record->exposure->metering !== MeteringPattern::Spot ||
            ! $situation->record->exposure->mode->followsTheMeter() ||
            $centre === null ||
            $error === null ||
            abs($error->value) <= 0.5
        ) {
            return null;
        }
        $away = hypot($centre['x'] - 0.5, $centre['y'] - 0.5);
        if ($away < self::ELSEWHERE) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'The camera measured a spot, and the subject stands %.0f %% of the frame away from the middle, where '.
                    'most cameras take it. Measure on the subject, hold that reading, then frame; or let the spot '.
                    'follow the focus point, where the camera can.',
                100 * $away,
            ),
            evidence: [
                new Evidence(
                    'subject from the middle',
                    100 * $away,
                    '%',
                    100 * self::ELSEWHERE,
                    100 * (self::ELSEWHERE - $away),
                ),
                new Evidence('subject from its place', $error->value, 'stops', 0.5, 0.5 - abs($error->value)),
            ],
            source: 'Most bodies take the spot reading in the middle of the frame.',
            confidence: 0.6,
        );
    }
}
