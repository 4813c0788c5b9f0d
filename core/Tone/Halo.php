<?php

declare(strict_types=1);

namespace TruePupil\Core\Tone;

use TruePupil\Core\Raster\GreyGrid;

/**
 * A halo along strong edges, as raising local contrast or shadows too far leaves it: the bright side grows brighter
 * towards the edge and the dark side darker, over about a fiftieth of the frame. Natural light does one of the two,
 * rarely both.
 */
final class Halo
{
    /** Codes between the two sides that make an edge strong. */
    private const STEP = 40.0;

    /** Codes by which ground further away may vary and still be plain. */
    private const PLAIN = 12.0;

    /** Cells from the edge, of about 192 across: the edge itself, where a halo shows, where it has ended. */
    private const NEAR = [2, 4];

    private const FAR = [10, 14];

    /** Fewer places than this say nothing. */
    private const LEAST = 40;

    /**
     * @param  GreyGrid  $grid  about 192 columns
     * @return ?float
     *   overshoot on the weaker side as a share of the step, the median over all edges; null where too few lie on plain
     *   ground
     */
    public static function strength(GreyGrid $grid): ?float
    {
        $found = [];
        [$w, $h] = [$grid->columns, $grid->rows];
        for ($y = 0; $y < $h; $y++) {
            self::along($grid->cells, $y * $w, 1, $w, $found);
        }
        for ($x = 0; $x < $w; $x++) {
            self::along($grid->cells, $x, $w, $h, $found);
        }
        sort($found);

        return count($found) < self::LEAST ? null : round($found[intdiv(count($found), 2)], 4);
    }

    /**
     * @param  list<float>  $cells
     * @param  list<float>  $found
     */
    private static function along(array $cells, int $start, int $step, int $length, array &$found): void
    {
        $reach = self::FAR[1];
        for ($i = $reach; $i < $length - $reach; $i++) {
            $at = $start + $i * $step;
            $rise = $cells[$at + $step] - $cells[$at - $step];
            // Only where the rise is steepest, so that each edge counts once a line.
            if (
                abs($rise) < 0.6 * self::STEP ||
                abs($cells[$at + 2 * $step] - $cells[$at]) > abs($rise) ||
                abs($cells[$at] - $cells[$at - 2 * $step]) >= abs($rise)
            ) {
                continue;
            }
            [$nearAfter, $farAfter] = [
                self::band($cells, $at, $step, self::NEAR),
                self::band($cells, $at, $step, self::FAR),
            ];
            [$nearBefore, $farBefore] = [
                self::band($cells, $at, -$step, self::NEAR),
                self::band($cells, $at, -$step, self::FAR),
            ];
            $difference = $farAfter[0] - $farBefore[0];
            if (abs($difference) < self::STEP || max($farAfter[1], $farBefore[1]) > self::PLAIN) {
                continue;
            }
            // Divided by the step, both are positive where the near band goes beyond the far one, whichever side is
            // bright.
            $found[] = min(
                ($nearAfter[0] - $farAfter[0]) / $difference,
                ($farBefore[0] - $nearBefore[0]) / $difference,
            );
        }
    }

    /**
     * @param  list<float>  $cells
     * @param  array{int, int}  $band
     * @return array{float, float} mean and spread
     */
    private static function band(array $cells, int $at, int $step, array $band): array
    {
        $values = array_map(fn (int $d): float => $cells[$at + $d * $step], range($band[0], $band[1]));

        return [array_sum($values) / count($values), max($values) - min($values)];
    }
}
