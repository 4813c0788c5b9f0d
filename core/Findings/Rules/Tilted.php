<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Composition\Lines;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A picture that leans, and what straightening costs. */
final class Tilted implements FindingRule
{
    public function id(): string
    {
        return 'composition.tilted';
    }

    public function needs(): array
    {
        return [Need::Composition];
    }

    public function judge(Situation $situation): ?Finding
    {
        $composition = $situation->measures->composition;
        $tilt = $composition?->lean->tiltDeg;
        if (
            $composition === null ||
            $tilt === null ||
            abs($tilt) < Thresholds::TILT_SEEN ||
            abs($tilt) > Thresholds::TILT_MEANT
        ) {
            return null;
        }
        $lost = 100 * (1 - Lines::keptAfterTurning($tilt, $composition->aspect));
        $longest = $composition->lines[0]['length'] ?? 0.0;

        return new Finding(
            id: $this->id(),
            topic: Topic::Composition,
            severity: abs($tilt) >= Thresholds::TILT_DISTURBS ? Severity::Fault : Severity::Weakness,
            sentence: sprintf(
                'The picture leans %.1f° %s. Straightening it afterwards costs %.0f %% of the frame; a level in the '.
                    'finder costs nothing.',
                abs($tilt),
                $tilt > 0 ? 'clockwise' : 'anticlockwise',
                $lost,
            ),
            evidence: [
                new Evidence('tilt', $tilt, '°', Thresholds::TILT_SEEN, Thresholds::TILT_SEEN - abs($tilt)),
                new Evidence('lost by straightening', $lost, '%'),
            ],
            source: 'The longest straight lines that are nearly level or upright, by the Hough transform.',
            confidence: min(1.0, $longest + 0.2),
        );
    }
}
