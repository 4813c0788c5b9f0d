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
use TruePupil\Core\Intent\Facing;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Whether the subject has room in the direction in which it looks or goes. */
#[Declared('composition.look-room', Topic::Composition)]
final class LookRoom extends FindingRule
{
    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $facing = $situation->statement->intent->facing;
        $region = $situation->measures->subject?->region;
        if ($region === null || $facing === null || $facing === Facing::Camera) {
            return null;
        }
        [$left, $right] = [max(0.0, $region->x), max(0.0, 1 - $region->x - $region->width)];
        [$ahead, $behind] = $facing === Facing::Left ? [$left, $right] : [$right, $left];
        // A subject that fills the frame has no room on any side, and asks for none.
        if ($left + $right < 0.15) {
            return null;
        }
        $ratio = $ahead / max(0.01, $behind);
        if ($ratio >= Thresholds::LOOK_ROOM_SHORT && $ratio < Thresholds::LOOK_ROOM_GIVEN) {
            return null;
        }
        $given = $ratio >= Thresholds::LOOK_ROOM_GIVEN;
        $limit = $given ? Thresholds::LOOK_ROOM_GIVEN : Thresholds::LOOK_ROOM_SHORT;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $given ? Severity::Praise : Severity::Choice,
            sentence: $given
                ? sprintf(
                    'The subject looks or goes %s and has %.0f %% of the width there to do it in.',
                    $facing->label(),
                    100 * $ahead,
                )
                : sprintf(
                    'The subject looks or goes %s, where %.0f %% of the width is left, and has %.0f %% behind it. It '.
                        'leaves the picture; swing the camera that way, unless leaving is the point.',
                    $facing->label(),
                    100 * $ahead,
                    100 * $behind,
                ),
            evidence: [new Evidence('room ahead against room behind', $ratio, '', $limit, $ratio - $limit)],
            source: 'The mark of the subject and where it was said to look.',
        );
    }
}
