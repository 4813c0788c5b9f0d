<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\PlacingSubject;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A subject in the middle of the frame, in a course that begins off-centre. */
#[Declared('composition.centred', Topic::Composition)]
final class CentredWithoutReason extends FindingRule
{
    /** % of the width and of the height that still count as the middle. */
    private const MIDDLE = 6.0;

    /** Filling more of the frame than this it lies in the middle whatever one does. */
    private const FILLS = 45.0;

    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $region = $situation->measures->subject?->region;
        if (
            $region === null ||
            $situation->approach->picture->placing !== PlacingSubject::OffCentreFirst ||
            $region->sharePct() > self::FILLS
        ) {
            return null;
        }
        // Ideas that want the middle are a reason of their own.
        if (
            in_array(
                $situation->statement->intent->idea,
                [Idea::Centre, Idea::Symmetry, Idea::Surround, Idea::Isolation],
                true,
            ) ||
            trim((string) $situation->statement->reason) !== ''
        ) {
            return null;
        }
        ['x' => $x, 'y' => $y] = $region->centre();
        $off = max(abs($x - 0.5), abs($y - 0.5)) * 100;

        return $off > self::MIDDLE
            ? null
            : new Finding(
                id: $this->id(),
                topic: $this->topic(),
                severity: Severity::Weakness,
                sentence: sprintf(
                    'The subject sits in the middle, %.0f %% from it, and no reason is given. Try it a third from one '.
                        'side, looking or going into the room; keep the middle when you can say why.',
                    $off,
                ),
                evidence: [new Evidence('subject from the middle', $off, '%', self::MIDDLE, $off - self::MIDDLE)],
                source: 'The middle of the marked subject, against the middle of the frame.',
                otherView: 'Others hold that the centre is a choice like any other.',
            );
    }
}
