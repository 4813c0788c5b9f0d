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
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Much of the frame lies empty above a person's head. */
#[Declared('composition.head-room', Topic::Composition)]
final class HeadRoom extends FindingRule
{
    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $region = $situation->measures->subject?->region;
        if (
            $region === null ||
            ! $situation->statement->intent->contents->person ||
            $situation->statement->intent->idea !== null
        ) {
            return null;
        }
        [$above, $below] = [$region->y, 1 - $region->y - $region->height];
        if ($above < Thresholds::HEAD_ROOM || $above < 1.5 * $below) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                '%.0f %% of the height lies above the head and %.0f %% below the mark: the person sinks in the frame. '.
                    'Point the camera lower, or go nearer, until a hand\'s breadth is left above.',
                100 * $above,
                100 * $below,
            ),
            evidence: [
                new Evidence(
                    'room above the head',
                    100 * $above,
                    '% of the height',
                    100 * Thresholds::HEAD_ROOM,
                    100 * (Thresholds::HEAD_ROOM - $above),
                ),
            ],
            source: 'The mark of the subject, taken to begin at the head.',
        );
    }
}
