<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Composition\PlaceName;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Something away from the subject that draws the eye as much. */
#[Declared('composition.competing-attention', Topic::Composition)]
final class CompetingAttention extends FindingRule
{
    /** Share of the frame's side from the subject within which a place belongs to it. */
    private const APART = 0.15;

    /** Share of all attention from which the subject holds the picture whatever else there is. */
    private const HOLDS = 0.35;

    /** Share of the longer side that is outlined round a place that draws the eye. */
    private const PLACE = 0.15;

    public function needs(): array
    {
        return [Need::Composition, Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $composition = $situation->measures->composition;
        $peaks = $composition->attention->peaks ?? [];
        $subject = $situation->measures->subject?->region;
        if (
            $subject === null ||
            count($peaks) < 2 ||
            $peaks[1]['weight'] < Thresholds::COMPETES ||
            $composition?->attention->subjectShare >= self::HOLDS
        ) {
            return null;
        }
        // What lies on the subject, or beside it, belongs to it.
        $apart = fn (array $peak): bool => $peak['x'] < $subject->x - self::APART ||
            $peak['x'] > $subject->x + $subject->width + self::APART ||
            $peak['y'] < $subject->y - self::APART ||
            $peak['y'] > $subject->y + $subject->height + self::APART;
        $rivals = array_values(array_filter(array_slice($peaks, 0, 2), $apart));

        return $rivals === []
            ? null
            : new Finding(
                id: $this->id(),
                topic: $this->topic(),
                severity: Severity::Choice,
                sentence: sprintf(
                    'Does something in the %s draw the eye as much as the subject does? Then leave it out, hide it '.
                        'behind the subject, or darken it.',
                    PlaceName::of($rivals[0]['x'], $rivals[0]['y']),
                ),
                evidence: [
                    new Evidence(
                        'second centre against the first',
                        $peaks[1]['weight'],
                        '',
                        Thresholds::COMPETES,
                        Thresholds::COMPETES - $peaks[1]['weight'],
                    ),
                ],
                source: 'Image signature (Hou, Harel and Koch 2012) joined with what is sharp.',
                confidence: 0.4,
                patch: Region::round($rivals[0]['x'], $rivals[0]['y'], self::PLACE, $composition->aspect ?? 1.0),
            );
    }
}
