<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Situation;
use TruePupil\Core\Tone\EndAreas;

/** Lost highlights that are nothing but glints. */
#[Declared('tone.only-glints', Topic::Tone)]
final class OnlyGlints extends FindingRule
{
    /** % of the frame. */
    private const LITTLE = 1.0;

    /** % of the subject: more than this is a loss of it, however small it is in the frame. */
    private const LITTLE_OF_SUBJECT = 1.0;

    /** % of the frame below which there are no glints to speak of. */
    private const LEAST = 0.02;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $ends = $situation->measures->ends;
        $lost = $situation->measures->tone->lostHighlightsPct;
        if (
            $ends === null ||
            $lost < self::LEAST ||
            $lost > self::LITTLE ||
            ($situation->measures->subject?->tone->lostHighlightsPct ?? 0.0) > self::LITTLE_OF_SUBJECT ||
            $ends->largestLostPct > EndAreas::GLINT_PCT
        ) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Praise,
            sentence: sprintf(
                'All that is lost in the highlights are small glints: %.2f %% in all, none larger than %.2f %% of the '.
                    'frame. They show that the surface shines, and cost nothing.',
                $lost,
                max(0.01, $ends->largestLostPct),
            ),
            evidence: [
                new Evidence(
                    'largest lost area',
                    $ends->largestLostPct,
                    '%',
                    EndAreas::GLINT_PCT,
                    EndAreas::GLINT_PCT - $ends->largestLostPct,
                ),
                new Evidence('lost in all', $lost, '%', self::LITTLE, self::LITTLE - $lost),
            ],
            source: 'Connected size of places where all three channels are at 254 or 255.',
            confidence: 0.9,
        );
    }
}
