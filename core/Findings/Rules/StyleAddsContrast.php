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

/** Tones lost in a picture that the camera rendered with a style of its own: the loss may be the style's. */
#[Declared('file.picture-style', Topic::File)]
final class StyleAddsContrast extends FindingRule
{
    /** % of the frame lost at both ends together. */
    private const LIMIT_PCT = 3.0;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $processing = $situation->record->handling->processing;
        $tone = $situation->measures->tone;
        $lost = $tone->lostHighlightsPct + $tone->blockedShadowsPct;
        // A raw file that was read says for itself what is lost.
        if ($situation->measures->raw() !== null || $processing->isPlain() !== false || $lost < self::LIMIT_PCT) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'The file records the picture style "%s", and %.0f %% of the frame lies at the ends of the scale. '.
                    'Might part of that be the style\'s contrast? A neutral style, or raw, would show it.',
                $processing->style,
                $lost,
            ),
            evidence: [
                new Evidence('picture style', $processing->style ?? '', '', 'neutral or standard'),
                new Evidence('lost at both ends', $lost, '%', self::LIMIT_PCT, self::LIMIT_PCT - $lost),
            ],
            source: 'The style as the maker\'s notes print it.',
            confidence: 0.6,
        );
    }
}
