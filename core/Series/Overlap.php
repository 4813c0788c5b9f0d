<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

use TruePupil\Core\Raster\Correlation;
use TruePupil\Core\Raster\GreyGrid;
use WeakMap;

/** How far one frame of a panorama lies beside another: the shift at which what both show correlates best. */
final readonly class Overlap
{
    /** Less than this share of the width cannot be told from chance. */
    private const LEAST = 0.08;

    /** Down by so many rows of the grid at most: hands and heads are not quite level. */
    private const DOWN = 6;

    /** Every second row is compared: enough to tell. */
    private const ROWS = 2;

    /** So many cells round what was best at half the size. */
    private const FINE = 2;

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
        // At half the size first, and finely round what is best there.
        $half = new Correlation($first->halved(), $second->halved());
        $reach = (int) floor(((1 - self::LEAST) * $first->columns) / 2);
        $coarse = self::best($half, [0, 0], $reach, intdiv(self::DOWN, 2), 1);
        $pair = new Correlation($first, $second);
        $best = self::best($pair, [2 * $coarse[0], 2 * $coarse[1]], self::FINE, self::FINE, self::ROWS);

        return $best[2] < self::ALIKE || abs($best[0]) > 2 * $reach
            ? null
            : new self($best[0], $best[1], $best[2], $first->columns);
    }

    /**
     * @param  array{int, int}  $round
     * @return array{int, int, float} cells to the right and down, and the likeness there
     */
    private static function best(Correlation $pair, array $round, int $across, int $down, int $rows): array
    {
        $best = [0, 0, -2.0];
        for ($right = $round[0] - $across; $right <= $round[0] + $across; $right++) {
            for ($below = $round[1] - $down; $below <= $round[1] + $down; $below++) {
                $likeness = $pair->at(-$right, -$below, 1, $rows);
                if ($likeness > $best[2]) {
                    $best = [$right, $below, $likeness];
                }
            }
        }

        return $best;
    }

    /** Share of the width that both show, in %. */
    public function pct(): float
    {
        return 100 * (1 - abs($this->right) / $this->columns);
    }
}
