<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A light subject brought up without losing its highlights. */
#[Declared('tone.highlights-kept', Topic::Tone)]
final class HighlightsKept extends FindingRule
{
    /** From here on a subject is light enough for its highlights to be at risk. */
    private const LIGHT = 1.0;

    private const LIMIT_PCT = 1.0;

    /** % of the subject in which a channel may be at its end. */
    private const BURNT_PCT = 5.0;

    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $subject = $situation->measures->subject;
        if (
            $subject === null ||
            $subject->tone->meanStops < self::LIGHT ||
            $subject->own()->lostHighlightsPct >= self::LIMIT_PCT ||
            $subject->burntPct >= self::BURNT_PCT
        ) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Praise,
            sentence: 'The subject is light and still whole: next to nothing of it is lost to pure white.',
            evidence: [
                new Evidence(
                    'lost highlights in the subject',
                    $subject->own()->lostHighlightsPct,
                    '%',
                    self::LIMIT_PCT,
                    self::LIMIT_PCT - $subject->own()->lostHighlightsPct,
                ),
            ],
            source: 'All three channels at 254 or 255; under 1 % passes as glints.',
        );
    }
}
