<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Plan\PlanComparison;
use TruePupil\Core\Plan\PlanDifference;
use TruePupil\Core\Situation\Situation;

/** The plan was carried out. */
#[Declared('plan.followed', Topic::Plan)]
final class PlanFollowed extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $compared = PlanComparison::of($situation->statement->plan, $situation->record);
        if ($compared === null || ! $compared->isFollowed()) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Praise,
            sentence: sprintf(
                'You did what you had planned: %s.',
                implode(
                    ', ',
                    array_map(fn (PlanDifference $difference): string => $difference->taken, $compared->differences),
                ),
            ),
            evidence: array_map(
                fn (PlanDifference $difference): Evidence => new Evidence(
                    $difference->name,
                    $difference->taken,
                    '',
                    $difference->planned,
                ),
                $compared->differences,
            ),
            source: 'The plan, or the suggestion that came with the last return.',
        );
    }
}
