<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/** Which straight lines lead to a subject: gone on with past their nearer end, they run into it. */
final class Leads
{
    /** A line that ends further from the subject than this share of the diagonal has lost the eye before it arrives. */
    private const FAR = 0.4;

    /** The part of a line that may lie on the subject itself: more of it, and it is the subject's own edge. */
    private const INSIDE = 0.4;

    /** Round the mark, as a share of the diagonal. */
    private const ROUND = 0.015;

    /**
     * @param  list<array{x1: float, y1: float, x2: float, y2: float, length: float}>  $segments
     * @param  float  $aspect  width over height
     * @return list<array{x1: float, y1: float, x2: float, y2: float, length: float}>
     *   those that lead, from their far to their near end
     */
    public static function to(Region $subject, array $segments, float $aspect): array
    {
        $diagonal = hypot($aspect, 1.0);
        $box = [
            $subject->x * $aspect - self::ROUND * $diagonal,
            $subject->y - self::ROUND * $diagonal,
            ($subject->x + $subject->width) * $aspect + self::ROUND * $diagonal,
            $subject->y + $subject->height + self::ROUND * $diagonal,
        ];
        $leading = [];
        foreach ($segments as $segment) {
            $ends = [[$segment['x1'] * $aspect, $segment['y1']], [$segment['x2'] * $aspect, $segment['y2']]];
            foreach ([[0, 1], [1, 0]] as [$far, $near]) {
                // Where the line enters and leaves the box, in its own lengths from its far end.
                $hit = self::crossing($ends[$far], $ends[$near], $box);
                if ($hit === null || $hit[1] < 1 - self::INSIDE || $hit[0] < 1 - self::INSIDE) {
                    continue;
                }
                if (($hit[0] - 1) * $segment['length'] <= self::FAR) {
                    $leading[] =
                        $far === 0
                            ? $segment
                            : [
                                'x1' => $segment['x2'],
                                'y1' => $segment['y2'],
                                'x2' => $segment['x1'],
                                'y2' => $segment['y1'],
                                'length' => $segment['length'],
                            ];
                    break;
                }
            }
        }

        return $leading;
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $through
     * @param  array{float, float, float, float}  $box  left, top, right, bottom
     * @return ?array{float, float} where the ray is in the box, in lengths of the line; null where it never is
     */
    private static function crossing(array $from, array $through, array $box): ?array
    {
        [$enter, $leave] = [0.0, INF];
        foreach ([0, 1] as $axis) {
            $step = $through[$axis] - $from[$axis];
            [$low, $high] = [$box[$axis], $box[$axis + 2]];
            if (abs($step) < 1e-9) {
                if ($from[$axis] < $low || $from[$axis] > $high) {
                    return null;
                }

                continue;
            }
            [$a, $b] = [($low - $from[$axis]) / $step, ($high - $from[$axis]) / $step];
            [$enter, $leave] = [max($enter, min($a, $b)), min($leave, max($a, $b))];
        }

        return $enter < $leave ? [$enter, $leave] : null;
    }
}
