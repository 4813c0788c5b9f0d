<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\CompositionTiltDeg;
use TruePupil\Core\Composition\Lines;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A picture that leans, and what straightening costs. */
#[Declared(
    'composition.tilted',
    Topic::Composition,
    explains: [ConvergingVerticals::class, LineAtEdge::class],
    contradictedBy: [CompositionTiltDeg::class],
)]
final class Tilted extends FindingRule
{
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
        $isCertain = $composition->lean->isCertain;
        $way = $tilt > 0 ? 'clockwise' : 'anticlockwise';

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $isCertain && abs($tilt) >= Thresholds::TILT_DISTURBS ? Severity::Fault : Severity::Weakness,
            sentence: match (true) {
                $isCertain => sprintf(
                    'The picture leans %.1f° %s. Straightening it afterwards costs %.0f %% of the frame; a level in '.
                        'the finder costs nothing.',
                    abs($tilt),
                    $way,
                    $lost,
                ),
                $composition->lean->tiltFrom === 'horizon' => sprintf(
                    'The line between sky and ground leans %.1f° %s. Is it level there? Then straighten the picture, '.
                        'for %.0f %% of the frame, and watch the horizon next time.',
                    abs($tilt),
                    $way,
                    $lost,
                ),
                default => sprintf(
                    'Several lines lean %.1f° %s together. Are they level or upright there? Then straighten the '.
                        'picture, for %.0f %% of the frame.',
                    abs($tilt),
                    $way,
                    $lost,
                ),
            },
            evidence: [
                new Evidence('tilt', $tilt, '°', Thresholds::TILT_SEEN, Thresholds::TILT_SEEN - abs($tilt)),
                new Evidence('lost by straightening', $lost, '%'),
            ],
            source: 'Straight lines that agree, by the Hough transform, with convergence taken out; or the horizon.',
            confidence: $isCertain ? 0.9 : 0.5,
        );
    }
}
