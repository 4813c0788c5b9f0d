<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\SaidReason;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Situation;

/** An exposure and a composition without a reason. */
#[Declared('composition.no-reason', Topic::Composition, contradictedBy: [SaidReason::class], isSaidOnce: true)]
final class NoReason extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        if ($situation->statement->reason === null || trim($situation->statement->reason) !== '') {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: 'You did not say why you took it this way. A reason, even a short one, is what makes the next '.
                'picture better than the last.',
            evidence: [
                new Evidence('reason', 'none', '', 'a few words'),
            ],
            source: 'A decision without a reason is a finding of its own.',
        );
    }
}
