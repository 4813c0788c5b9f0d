<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Picture\GreyGrid;

/** How alike the two sides of an upright axis are: normalised correlation of the picture with its mirror image, −1 to 1. */
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
        if ($n === 0) {
            return 0.0;
        }
        $spread = sqrt(max(0.0, $aa - $a * $a / $n) * max(0.0, $bb - $b * $b / $n));

        return $spread < 1e-6 ? 0.0 : ($ab - $a * $b / $n) / $spread;
    }
}
