<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\Protects;
use TruePupil\Core\Checks\Measures\SubjectBurntPct;
use TruePupil\Core\Checks\Measures\SubjectLostHighlightsPct;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Light tones of the subject without any detail left: white, or at the end of a channel and not white yet. */
#[Declared(
    'tone.lost-highlights-subject',
    Topic::Tone,
    contradictedBy: [SubjectLostHighlightsPct::class, SubjectBurntPct::class],
)]
final class LostHighlightsInSubject extends FindingRule
{
    /** % of a subject: glints on glaze, metal or water stay below. */
    private const LIMIT_PCT = 1.5;

    /** % from which form is lost and not only a spot, a foam or a lamp. */
    private const FAULT_PCT = 8.0;

    /** % of a subject in which a channel may be at its end in pale tones. */
    private const BURNT_PCT = 6.0;

    /** % of the frame under which nobody sees that something is lost, however small the subject. */
    private const SEEN_PCT = 0.05;

    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $subject = $situation->measures->subject;
        $raw = $situation->measures->raw()?->subject;
        // What only the preview lost is told by the rule that knows it; a channel alone by another.
        $lost = $raw?->lostInAllPct() ?? $subject?->own()->lostHighlightsPct ?? 0.0;
        $isWhite = $lost >= self::LIMIT_PCT
            && $lost * ($subject?->sharePct() ?? 0.0) / 100 >= self::SEEN_PCT;
        if ($subject === null || (! $isWhite && ($raw !== null || $subject->burntPct < self::BURNT_PCT))) {
            return null;
        }
        $protected = $situation->approach->light->protects === Protects::Highlights;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $protected && $lost >= self::FAULT_PCT ? Severity::Fault : Severity::Weakness,
            sentence: $isWhite
                ? sprintf(
                    '%.1f %% of the subject is pure white with nothing left in it%s. Give less light until only '.
                        'glints are lost.',
                    $lost,
                    $raw === null ? '' : ', in the raw file too',
                )
                : sprintf(
                    'In %.0f %% of the subject the pale tones have one colour at its end: they lose their shades '.
                        'there, though they are not white yet. Give less light until they come back.',
                    $subject->burntPct,
                ),
            evidence: [
                $isWhite
                    ? new Evidence(
                        'lost highlights in the subject',
                        $lost,
                        '%',
                        self::LIMIT_PCT,
                        self::LIMIT_PCT - $lost,
                    )
                    : new Evidence(
                        'pale tones at the end of a channel',
                        $subject->burntPct,
                        '%',
                        self::BURNT_PCT,
                        self::BURNT_PCT - $subject->burntPct,
                    ),
            ],
            source: $isWhite
                ? ($raw === null ? 'All three channels at 254 or 255' : 'All channels of the sensor at their end')
                    .'; under 1.5 % passes as glints.'
                : 'Red or green where the tones of the file pile up, in tones that are no strong colour.',
            otherView: $protected
                ? 'This course protects highlights; where shadows or mid-tones come first, a small loss can be the '.
                    'price of an open subject.'
                : 'This course puts '.
                    $situation->approach->light->protects->label().
                    ' first; a course that protects highlights would weigh it heavier.',
        );
    }
}
