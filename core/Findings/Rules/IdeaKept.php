<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\SaidIdea;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A declared idea of composition, kept or missed. */
#[Declared('composition.idea', Topic::Composition, contradictedBy: [SaidIdea::class])]
final class IdeaKept extends FindingRule
{
    public function needs(): array
    {
        return [Need::Composition, Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $idea = $situation->statement->intent->idea;
        $distances = $situation->measures->composition?->ideas;
        $subject = $situation->measures->subject;
        if ($idea === null || $distances === null || $subject === null
            || ! array_key_exists($idea->value, $distances)) {
            return null;
        }
        $off = $distances[$idea->value];
        $kept = $off <= Thresholds::IDEA_KEPT;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $kept ? Severity::Praise : Severity::Weakness,
            sentence: $kept
                ? sprintf('You wanted the subject %s, and there it stands.', $idea->label())
                : sprintf(
                    'You wanted the subject %s, and it stands %.0f %% of the diagonal away from there.',
                    $idea->label(),
                    $off,
                ),
            evidence: [
                new Evidence('distance from the idea', $off, '%', Thresholds::IDEA_KEPT, Thresholds::IDEA_KEPT - $off),
            ],
            source: 'The middle of the mark, as % of the diagonal.',
        );
    }
}
