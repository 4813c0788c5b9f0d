<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Situation;

/** A face of which one half lies in deep shade. */
#[Declared('people.half-face-dark', Topic::People)]
final class HalfFaceDark extends FindingRule
{
    /** Stops between the halves from which the dark one holds little on a screen. */
    private const DEEP = 3.0;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $people = $situation->measures->claims->people;
        $measures = $people?->largeFaces()[0][1] ?? null;
        if ($people === null || $measures === null || $measures->between < self::DEEP) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'One half of the face is %s darker than the other. Is the light meant to be so hard? A pale wall or '.
                    'card on the dark side, or a turn towards the light, opens it.',
                Stops::of($measures->between)->inWords(),
            ),
            evidence: [
                new Evidence(
                    'between the halves of the face',
                    $measures->between,
                    'stops',
                    self::DEEP,
                    self::DEEP - $measures->between,
                ),
            ],
            source: 'Mean luminance of the halves of the largest face that was found.',
            confidence: $people->confidence(0.8),
            patch: $people->largeFaces()[0][0]->box,
        );
    }
}
