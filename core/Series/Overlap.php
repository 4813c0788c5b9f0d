<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

use TruePupil\Core\Raster\GreyGrid;
use WeakMap;

/** How far one frame of a panorama lies beside another: the shift at which what both show correlates best. */
final readonly class Overlap
{
    /** Less than this share of the width cannot be told from chance. */
    private const LEAST = 0.08;

    /** Down by so many rows of the grid at most: hands and heads are not quite level. */
    private const DOWN = 6;

    /** Correlation from which two frames show something in common. */
    private const ALIKE = 0.7;

    /**
     * @param  int  $right  cells by which the second begins further right; negative: further left
     * @param  int  $down  cells further down
     * @param  float  $likeness  correlation of what both show
     */
    private function __construct(
        public int $right,
        public int $down,
        public float $likeness,
        private int $columns,
    ) {
    }

    /** @return ?self null for pictures of different shapes, and where nothing in common is found */
    public static function between(GreyGrid $first, GreyGrid $second): ?self
    {
        if ($first->columns !== $second->columns || $first->rows !== $second->rows) {
            return null;
        }
        // Many rules ask the same of a row, and of each suggestion for it.
        /** @var WeakMap<GreyGrid, WeakMap<GreyGrid, self|false>> $known */
        static $known = new WeakMap();
        /** @var WeakMap<GreyGrid, self|false> $ofFirst */
        $ofFirst = $known[$first] ?? new WeakMap();
        $known[$first] = $ofFirst;

        return ($ofFirst[$second] ??= self::found($first, $second) ?? false) ?: null;
    }

    private static function found(GreyGrid $first, GreyGrid $second): ?self
    {
        $reach = (int) floor((1 - self::LEAST) * $first->columns);
        $best = [0, 0, -2.0];
        for ($right = -$reach; $right <= $reach; $right++) {
            for ($down = -self::DOWN; $down <= self::DOWN; $down += 2) {
                $likeness = self::likeness($first, $second, $right, $down);
                if ($likeness > $best[2]) {
                    $best = [$right, $down, $likeness];
                }
            }
        }
        foreach ([-1, 1] as $step) {
            $likeness = self::likeness($first, $second, $best[0], $best[1] + $step);
            $best = $likeness > $best[2] ? [$best[0], $best[1] + $step, $likeness] : $best;
        }

        return $best[2] < self::ALIKE ? null : new self($best[0], $best[1], $best[2], $first->columns);
    }

    /** Share of the width that both show, in %. */
    public function pct(): float
    {
        return 100 * (1 - abs($this->right) / $this->columns);
    }

    private static function likeness(GreyGrid $first, GreyGrid $second, int $right, int $down): float
    {
        [$from, $to] = [max(0, $right), min($first->columns, $first->columns + $right)];
        [$top, $bottom] = [max(0, $down), min($first->rows, $first->rows + $down)];
        [$n, $a, $b, $aa, $bb, $ab] = [0, 0.0, 0.0, 0.0, 0.0, 0.0];
        for ($row = $top; $row < $bottom; $row += 2) {
            for ($column = $from; $column < $to; $column++) {
                $one = $first->cells[$row * $first->columns + $column];
                $other = $second->cells[($row - $down) * $first->columns + $column - $right];
                $n++;
                [$a, $b] = [$a + $one, $b + $other];
                [$aa, $bb, $ab] = [$aa + $one * $one, $bb + $other * $other, $ab + $one * $other];
            }
        }
        $spread = ($n * $aa - $a * $a) * ($n * $bb - $b * $b);

        return $n < 20 || $spread <= 0.0 ? -1.0 : ($n * $ab - $a * $b) / sqrt($spread);
    }
}
