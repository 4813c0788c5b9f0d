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

/** Pupils that mirror a flash in red. */
#[Declared('people.red-pupils', Topic::People)]
final class RedPupils extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $people = $situation->measures->claims->people;
        $fired = $situation->record->exposure->flashFired;
        $red = array_filter($people?->largeFaces() ?? [], fn (array $face): bool => $face[1]?->hasRedPupils === true);
        // Without a flash, red eyes are of something else.
        if ($people === null || $red === [] || $fired === false) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: 'Do the pupils shine red? The flash stood close to the lens. Turn it to a ceiling or a wall, '.
                'take it off the camera, or make the room brighter so that pupils close.',
            evidence: [new Evidence('faces with red pupils', count($red), '')],
            source: 'Colours of the eyes that were found.',
            confidence: $people->confidence(0.7),
            patch: array_values($red)[0][0]->box,
        );
    }
}
