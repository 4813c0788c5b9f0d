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

/** Something that stands on a head, as it looks from here. */
#[Declared('people.thing-at-head', Topic::People)]
final class ThingAtHead extends FindingRule
{
    /** What nobody wears, carries above the head or holds to it. */
    private const BEHIND = [
        'bottle', 'wine glass', 'cup', 'potted plant', 'vase', 'chair', 'clock', 'tv', 'traffic light', 'stop sign',
        'parking meter', 'fire hydrant', 'bench', 'refrigerator', 'boat', 'car', 'bus', 'truck', 'train',
    ];

    /** Share of a head's height by which the thing stands out above it. */
    private const ABOVE = 0.3;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $people = $situation->measures->claims->people;
        foreach ($people?->largeFaces() ?? [] as [$face]) {
            $head = $face->head();
            foreach ($people->seen->things ?? [] as $thing) {
                $middle = $thing->box->centre()['x'];
                $above = ($head->y - $thing->box->y) / $head->height;
                $foot = $thing->box->y + $thing->box->height;
                if (
                    $people === null ||
                    ! in_array($thing->what, self::BEHIND, true) ||
                    $middle < $head->x ||
                    $middle > $head->x + $head->width ||
                    $above < self::ABOVE ||
                    $foot < $head->y ||
                    $foot > $head->y + $head->height ||
                    $thing->box->width > 2 * $head->width
                ) {
                    continue;
                }

                return new Finding(
                    id: $this->id(),
                    topic: $this->topic(),
                    severity: Severity::Weakness,
                    sentence: sprintf(
                        'Does the %s behind stand on the head? Half a step to the side parts the two.',
                        $thing->what,
                    ),
                    evidence: [
                        new Evidence(
                            'above the head, in heights of it',
                            $above,
                            '',
                            self::ABOVE,
                            self::ABOVE - $above,
                        ),
                    ],
                    source: 'The head and the thing that were found.',
                    confidence: $people->confidence(0.7),
                    patch: $head,
                );
            }
        }

        return null;
    }
}
