<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Seen\Joint;
use TruePupil\Core\Seen\SeenBody;
use TruePupil\Core\Situation\Situation;

/** A person whom the edge of the frame cuts at a joint. */
#[Declared('people.cut-at-joint', Topic::People)]
final class CutAtJoint extends FindingRule
{
    /** Share of the frame's side from its edge within which a joint lies at it. */
    private const AT_EDGE = 0.025;

    /** Heights of the frame under which somebody is too small for it to matter. */
    private const SMALL = 0.25;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $people = $situation->measures->claims->people;
        foreach ($people->seen->bodies ?? [] as $body) {
            $cut = $body->box->height < self::SMALL ? null : self::cut($body);
            if ($people === null || $cut === null) {
                continue;
            }
            [$joint, $away] = $cut;

            return new Finding(
                id: $this->id(),
                topic: $this->topic(),
                severity: Severity::Choice,
                sentence: sprintf(
                    'The edge cuts somebody at %s. Keep hands and feet whole, or come closer and cut between the '.
                        'joints: it looks chosen then.',
                    $joint->label(),
                ),
                evidence: [
                    new Evidence(
                        'joint from the edge',
                        100 * $away,
                        '% of the side',
                        100 * self::AT_EDGE,
                        100 * (self::AT_EDGE - $away),
                    ),
                ],
                source: 'The joints that were found.',
                confidence: $people->confidence(0.8),
                patch: $body->box,
            );
        }

        return null;
    }

    /** @return ?array{Joint, float} the joint closest to an edge that the person reaches, and how far it is from it */
    private static function cut(SeenBody $body): ?array
    {
        $nearest = null;
        foreach (Joint::cases() as $joint) {
            $at = $body->joints[$joint->value] ?? null;
            foreach ($at === null ? [] : self::fromEdges($at, $body->box) as $away) {
                if ($away < self::AT_EDGE && $away < ($nearest[1] ?? 1.0)) {
                    $nearest = [$joint, $away];
                }
            }
        }

        return $nearest;
    }

    /**
     * @param  array{float, float}  $at
     * @return list<float> from the left, right and lower edge, of those that the person reaches
     */
    private static function fromEdges(array $at, Region $box): array
    {
        [$x, $y] = $at;
        $reached = array_filter(
            [
                [$x, $box->x],
                [1 - $x, 1 - $box->x - $box->width],
                [1 - $y, 1 - $box->y - $box->height],
            ],
            fn (array $edge): bool => $edge[1] < self::AT_EDGE,
        );

        return array_column($reached, 0);
    }
}
