<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\Protects;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Highlights without any detail left inside the subject. */
final class LostHighlightsInSubject implements FindingRule
{
    /** Glints on glaze, metal or water stay below this share of a subject. */
    private const LIMIT_PCT = 1.0;

    public function id(): string
    {
        return 'tone.lost-highlights-subject';
    }

    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $lost = $situation->measures->subject?->tone->lostHighlightsPct;
        if ($lost === null || $lost < self::LIMIT_PCT) {
            return null;
        }
        $protected = $situation->approach->light->protects === Protects::Highlights;

        return new Finding(
            id: $this->id(),
            topic: Topic::Tone,
            severity: $protected ? Severity::Fault : Severity::Weakness,
            sentence: sprintf(
                '%.1f %% of the subject is pure white with nothing left in it. Give less light until only glints are '.
                    'lost.',
                $lost,
            ),
            evidence: [
                new Evidence('lost highlights in the subject', $lost, '%', self::LIMIT_PCT, self::LIMIT_PCT - $lost),
            ],
            source: 'All three channels at 254 or 255; under 1 % passes as glints.',
            otherView: $protected
                ? 'This course protects highlights; where shadows or mid-tones come first, a small loss can be the '.
                    'price of an open subject.'
                : 'This course puts '.
                    $situation->approach->light->protects->label().
                    ' first; a course that protects highlights would call this a fault.',
        );
    }
}
