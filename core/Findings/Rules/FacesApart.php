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

/** Two people who are turned away from each other. */
#[Declared('people.faces-apart', Topic::People)]
final class FacesApart extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $people = $situation->measures->claims->people;
        $faces = array_column($people?->largeFaces() ?? [], 0);
        if ($people === null || count($faces) !== 2) {
            return null;
        }
        [$left, $right] = $faces[0]->box->x <= $faces[1]->box->x ? $faces : array_reverse($faces);
        if (! $left->isTurned() || ! $right->isTurned() || $left->turn > 0.0 || $right->turn < 0.0) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: 'The two look away from each other. Is that what the picture says about them? A word to one of '.
                'them, and they turn to each other.',
            evidence: [
                new Evidence('turn of the left one', $left->turn, 'widths of the face'),
                new Evidence('turn of the right one', $right->turn, 'widths of the face'),
            ],
            source: 'The turning of the faces that were found.',
            confidence: $people->confidence(0.7),
        );
    }
}
