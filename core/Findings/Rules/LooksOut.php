<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Situation;

/** A turned face close to the edge that it looks at. Where the look was said, LookRoom speaks of it. */
#[Declared('people.looks-out', Topic::People)]
final class LooksOut extends FindingRule
{
    /** Widths of a face that would still be room in front of it. */
    private const ROOM = 1.2;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $people = $situation->measures->claims->people;
        $faces = $people?->largeFaces() ?? [];
        // Several people look at each other, or at what only they know.
        if ($people === null || count($faces) !== 1 || $situation->statement->intent->facing !== null) {
            return null;
        }
        $face = $faces[0][0];
        [$left, $right] = [max(0.0, $face->box->x), max(0.0, 1 - $face->box->x - $face->box->width)];
        [$ahead, $behind] = $face->turn < 0.0 ? [$left, $right] : [$right, $left];
        $ratio = $ahead / max(0.01, $behind);
        if (! $face->isTurned() || $ahead >= self::ROOM * $face->box->width || $ratio >= Thresholds::LOOK_ROOM_SHORT) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'Is the face meant to look out of the picture? It is turned %s, where %.0f %% of the width is left. '.
                    'Swing the camera that way, and the look has somewhere to go.',
                $face->turn < 0.0 ? 'left' : 'right',
                100 * $ahead,
            ),
            evidence: [
                new Evidence(
                    'room ahead against room behind',
                    $ratio,
                    '',
                    Thresholds::LOOK_ROOM_SHORT,
                    Thresholds::LOOK_ROOM_SHORT - $ratio,
                ),
            ],
            source: 'The turning of the face that was found.',
            confidence: $people->confidence(0.8),
            patch: $face->box,
        );
    }
}
