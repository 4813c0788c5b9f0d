<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\Protects;
use TruePupil\Core\Checks\Measures\SubjectBlockedShadowsPct;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Shadows without detail inside the subject. A little true black elsewhere is fine and says nothing. */
#[Declared('tone.blocked-shadows-subject', Topic::Tone, contradictedBy: [SubjectBlockedShadowsPct::class])]
final class BlockedShadows extends FindingRule
{
    /** A little true black gives a subject depth; beyond this share form is missing. */
    private const LIMIT_PCT = 5.0;

    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $blocked = $situation->measures->subject?->own()->blockedShadowsPct;
        if ($blocked === null || $blocked < self::LIMIT_PCT) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $situation->approach->light->protects === Protects::Shadows
                ? Severity::Fault
                : Severity::Weakness,
            sentence: sprintf(
                '%.1f %% of the subject is pure black. A little true black is fine; here the form disappears in it.',
                $blocked,
            ),
            evidence: [
                new Evidence(
                    'blocked shadows in the subject',
                    $blocked,
                    '%',
                    self::LIMIT_PCT,
                    self::LIMIT_PCT - $blocked,
                ),
            ],
            source: 'All three channels at 0 or 1.',
        );
    }
}
