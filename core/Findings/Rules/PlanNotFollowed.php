<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\PlanSettingsOff;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Plan\PlanComparison;
use TruePupil\Core\Plan\PlanDifference;
use TruePupil\Core\Situation\Situation;

/** What was planned against what was shot, value by value. */
#[Declared('plan.not-followed', Topic::Plan, contradictedBy: [PlanSettingsOff::class])]
final class PlanNotFollowed extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $compared = PlanComparison::of($situation->statement->plan, $situation->record);
        if ($compared === null || $compared->isFollowed()) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'Not as planned: %s. If the scene made you change your mind, say so in a word; if it just happened, '.
                    'try the plan once more.',
                implode('; ', $compared->sentences()),
            ),
            evidence: array_map(
                fn (PlanDifference $difference): Evidence => new Evidence(
                    $difference->name,
                    $difference->taken,
                    '',
                    $difference->planned,
                    $difference->stops === null ? null : -abs($difference->stops),
                    'stops',
                ),
                $compared->moved(),
            ),
            source: 'The plan, or the suggestion that came with the last return.',
        );
    }
}
