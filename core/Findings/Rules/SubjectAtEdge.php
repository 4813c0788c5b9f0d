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

/** A subject cut by the edge of the frame, or standing against it. */
#[Declared('composition.subject-at-edge', Topic::Composition)]
final class SubjectAtEdge extends FindingRule
{
    /** % of the frame from which a subject that is as sharp as all round it is a piece of landscape. */
    private const LARGE = 20.0;

    /** Share of what can be judged outside the subject that is crisp. */
    private const CRISP_ALL_OVER = 0.4;

    /** Share of the frame's side that is no gap at all. */
    private const CUT = 0.004;

    /** Share of its own width or height over which a shape lies at the edge, from which it is cut off there. */
    private const TOUCHES = 0.1;

    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $region = $situation->measures->subject?->region;
        if ($region === null) {
            return null;
        }
        $gaps = [
            'left' => $region->x,
            'top' => $region->y,
            'right' => 1 - $region->x - $region->width,
            'bottom' => 1 - $region->y - $region->height,
        ];
        // A landscape goes on beyond the frame; only what stands out from its surroundings is cut off.
        $shape = $situation->measures->subject->shape;
        $outside = $shape === null ? $situation->measures->focus?->crispOutside($region) : null;
        if ($region->sharePct() > self::LARGE && $outside !== null && $outside >= self::CRISP_ALL_OVER) {
            return null;
        }
        if ($shape !== null) {
            // The shape says where it ends, however generously the rectangle was drawn; a tip alone cuts nothing off.
            foreach ($shape->touching() as $side => $share) {
                $gaps[$side] = match (true) {
                    $share >= self::TOUCHES => 0.0,
                    $gaps[$side] < self::CUT => INF,
                    default => $gaps[$side],
                };
            }
        }
        // A subject that fills the frame touches several edges on purpose.
        $touching = array_filter($gaps, fn (float $gap): bool => $gap < Thresholds::EDGE_NEAR);
        if ($touching === [] || count($touching) > 2 || $region->sharePct() > 60) {
            return null;
        }
        asort($touching);
        $side = array_key_first($touching);
        $cut = $touching[$side] < self::CUT;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $cut ? Severity::Weakness : Severity::Choice,
            sentence: $cut
                ? sprintf(
                    'The subject is cut off by the %s edge. Cut clearly and on purpose%s, or leave it whole with air '.
                        'around it.',
                    $side,
                    $situation->statement->intent->contents->person
                        ? ' and between the joints, not at hands, feet or knees'
                        : '',
                )
                : sprintf(
                    'The subject stands %.1f %% from the %s edge: neither cut nor clear of it. A little more room, or '.
                        'a clear cut, would look meant.',
                    100 * $touching[$side],
                    $side,
                ),
            evidence: [
                new Evidence(
                    'room at the edge',
                    100 * $touching[$side],
                    '%',
                    100 * Thresholds::EDGE_NEAR,
                    100 * ($touching[$side] - Thresholds::EDGE_NEAR),
                ),
            ],
            source: 'The mark of the subject.',
        );
    }
}
