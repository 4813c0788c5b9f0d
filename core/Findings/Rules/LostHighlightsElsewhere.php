<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\ToneLostHighlightsPct;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Highlights lost around a subject that kept its own. */
#[Declared('tone.lost-highlights-elsewhere', Topic::Tone, contradictedBy: [ToneLostHighlightsPct::class])]
final class LostHighlightsElsewhere extends FindingRule
{
    /** A twentieth of the frame draws the eye away from a subject. */
    private const LIMIT_PCT = 5.0;

    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $subject = $situation->measures->subject;
        $raw = $situation->measures->raw();
        $lost = $raw?->frame->lostInAllPct() ?? $situation->measures->tone->lostHighlightsPct;
        $ofSubject = $raw?->subject?->lostInAllPct() ?? $subject?->own()->lostHighlightsPct ?? 0.0;
        if ($subject === null || $ofSubject >= 1.0) {
            return null;
        }
        // The subject's own share of the loss is taken out of the frame's.
        $elsewhere = max(0.0, $lost - ($ofSubject * $subject->sharePct()) / 100);
        if ($elsewhere < self::LIMIT_PCT) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                '%.1f %% of the frame outside the subject is pure white. The subject kept its detail; decide whether '.
                    'the surroundings needed theirs.',
                $elsewhere,
            ),
            evidence: [
                new Evidence(
                    'lost highlights outside the subject',
                    $elsewhere,
                    '%',
                    self::LIMIT_PCT,
                    self::LIMIT_PCT - $elsewhere,
                ),
            ],
            source: $raw === null
                ? 'All three channels at 254 or 255.'
                : 'All channels of the sensor at their end, in the raw file.',
        );
    }
}
