<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Raster\GreyGrid;

/**
 * How alike the two sides of an axis are: normalised correlation of the picture with its mirror image, −1 to 1. What
 * runs evenly across the axis is taken out first: sky over ground mirrors by itself, and nobody calls that symmetrical.
 */
final readonly class Symmetry
{
    /** The axis is looked for this far to either side of the middle, as a share of the width. */
    private const SEARCH = 0.12;

    private function __construct(
        /** About the middle of the frame. */
        public float $score,
        /** Where the picture is most symmetrical, as a fraction of the width. */
        public float $axis,
        /** About that axis. */
        public float $best,
    ) {
    }

    public static function of(GreyGrid $grid): self
    {
        $grid = $grid->withoutBands(0.0, 1.0);
        $middle = self::about($grid, $grid->columns);
        $best = [$grid->columns, $middle];
        // Axes lie on and between columns: doubled, they are whole numbers.
        $reach = (int) round(2 * self::SEARCH * $grid->columns);
        for ($doubled = $grid->columns - $reach; $doubled <= $grid->columns + $reach; $doubled++) {
            $score = self::about($grid, $doubled);
            $best = $score > $best[1] ? [$doubled, $score] : $best;
        }

        return new self($middle, $best[0] / 2 / $grid->columns, $best[1]);
    }

    /** @param  int  $doubled  the axis, in half columns from the left */
    private static function about(GreyGrid $grid, int $doubled): float
    {
        [$w, $cells] = [$grid->columns, $grid->cells];
        [$n, $a, $b, $aa, $bb, $ab] = [0, 0.0, 0.0, 0.0, 0.0, 0.0];
        $from = max(0, $doubled - $w);
        for ($y = 0; $y < $grid->rows; $y += 2) {
            $row = $y * $w;
            for ($x = $from, $mirror = $doubled - 1 - $from; $x < $mirror; $x++, $mirror--) {
                [$left, $right] = [$cells[$row + $x], $cells[$row + $mirror]];
                $n++;
                $a += $left;
                $b += $right;
                $aa += $left * $left;
                $bb += $right * $right;
                $ab += $left * $right;
            }
        }

        return $n === 0 ? 0.0 : self::correlation($n, $a, $b, $aa, $bb, $ab);
    }

    /**
     * About a line that somebody declared to be the axis, and about lines beside it.
     *
     * @param  Mark  $axis  two points
     * @return array{score: float, offPct: float, best: float}
     *   correlation about the line; how far beside it the picture is most symmetrical, % of the width, positive to the
     *   right (of a level axis: downwards); and that correlation
     */
    public static function aboutLine(GreyGrid $grid, Mark $axis): array
    {
        [$ax, $ay] = [$axis->points[0][0] * $grid->columns, $axis->points[0][1] * $grid->rows];
        [$bx, $by] = [($axis->points[1][0] ?? 0.0) * $grid->columns, ($axis->points[1][1] ?? 0.0) * $grid->rows];
        $long = max(1e-6, hypot($bx - $ax, $by - $ay));
        // Square to the axis, pointing right, or down where the axis is level.
        [$nx, $ny] = [($by - $ay) / $long, -($bx - $ax) / $long];
        [$nx, $ny] = $nx < -1e-9 || (abs($nx) <= 1e-9 && $ny < 0) ? [-$nx, -$ny] : [$nx, $ny];
        $grid = $grid->withoutBands(-$ny, $nx);
        $reach = (int) round(self::SEARCH * $grid->columns);
        $best = [0, ($declared = self::mirrored($grid, $nx, $ny, $ax * $nx + $ay * $ny))];
        for ($step = -2 * $reach; $step <= 2 * $reach; $step++) {
            $score = self::mirrored($grid, $nx, $ny, $ax * $nx + $ay * $ny + $step / 2);
            $best = $score > $best[1] + 1e-9 ? [$step / 2, $score] : $best;
        }

        return [
            'score' => round($declared, 4),
            'offPct' => round((100 * $best[0]) / $grid->columns, 2),
            'best' => round($best[1], 4),
        ];
    }

    /**
     * Correlation across the line of points p with p · n = c; 0 where less than a fifth of the picture has a mirror
     * image.
     */
    private static function mirrored(GreyGrid $grid, float $nx, float $ny, float $c): float
    {
        [$w, $h, $cells] = [$grid->columns, $grid->rows, $grid->cells];
        [$n, $a, $b, $aa, $bb, $ab] = [0, 0.0, 0.0, 0.0, 0.0, 0.0];
        for ($y = 0; $y < $h; $y += 2) {
            for ($x = 0; $x < $w; $x += 2) {
                $beyond = ($x + 0.5) * $nx + ($y + 0.5) * $ny - $c;
                // Each pair once, from the near side.
                if ($beyond >= 0) {
                    continue;
                }
                [$u, $v] = [$x - 2 * $beyond * $nx, $y - 2 * $beyond * $ny];
                if ($u < 0 || $v < 0 || $u >= $w - 1 || $v >= $h - 1) {
                    continue;
                }
                [$column, $row] = [(int) $u, (int) $v];
                [$fx, $fy, $i] = [$u - $column, $v - $row, $row * $w + $column];
                $right =
                    (1 - $fy) * ((1 - $fx) * $cells[$i] + $fx * $cells[$i + 1]) +
                    $fy * ((1 - $fx) * $cells[$i + $w] + $fx * $cells[$i + $w + 1]);
                $left = $cells[$y * $w + $x];
                $n++;
                $a += $left;
                $b += $right;
                $aa += $left * $left;
                $bb += $right * $right;
                $ab += $left * $right;
            }
        }

        return $n < ($w * $h) / 20 ? 0.0 : self::correlation($n, $a, $b, $aa, $bb, $ab);
    }

    private static function correlation(int $n, float $a, float $b, float $aa, float $bb, float $ab): float
    {
        $spread = sqrt(max(0.0, $aa - ($a * $a) / $n) * max(0.0, $bb - ($b * $b) / $n));

        return $spread < 1e-6 ? 0.0 : ($ab - ($a * $b) / $n) / $spread;
    }
}
