<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Raster\GreyGrid;

/**
 * Parts of the picture without any detail: empty sky, plain wall, featureless dark, and how much of the frame they
 * take.
 */
final readonly class PlainAreas
{
    /** Codes a cell below which nothing is going on. */
    private const PLAIN = 1.6;

    /** Smaller areas are not worth naming, % of the frame. */
    private const LEAST_PCT = 6.0;

    private const DARK = 40.0;

    private const BRIGHT = 190.0;

    /**
     * @param  list<array{kind: string, sharePct: float, side: ?string}>  $areas
     *   the largest first; side: which edge it lies along most, if any
     */
    private function __construct(public array $areas, public float $sharePct)
    {
    }

    public static function of(GreyGrid $grid): self
    {
        [$across, $down] = $grid->slopes();
        [$w, $h] = [$grid->columns, $grid->rows];
        $plain = [];
        foreach ($grid->cells as $i => $_) {
            $plain[] = abs($across[$i]) + abs($down[$i]) < self::PLAIN;
        }
        $seen = [];
        $areas = [];
        for ($start = 0, $cells = $w * $h; $start < $cells; $start++) {
            if (! $plain[$start] || isset($seen[$start])) {
                continue;
            }
            [$members, $sum, $sides] = self::flood($plain, $seen, $grid, $start);
            $share = (100 * $members) / $cells;
            if ($share < self::LEAST_PCT) {
                continue;
            }
            arsort($sides);
            $side = array_key_first($sides);
            $mean = $sum / $members;
            $areas[] = [
                'kind' => $mean <= self::DARK ? 'dark' : ($mean >= self::BRIGHT ? 'bright' : 'plain'),
                'sharePct' => round($share, 2),
                'side' => $sides[$side] > 0.3 * ($side === 'top' || $side === 'bottom' ? $w : $h) ? $side : null,
            ];
        }
        usort($areas, fn (array $a, array $b): int => $b['sharePct'] <=> $a['sharePct']);

        return new self($areas, round(array_sum(array_column($areas, 'sharePct')), 2));
    }

    /**
     * @param  list<bool>  $plain
     * @param  array<int, true>  $seen
     * @return array{int, float, array{top: int, bottom: int, left: int, right: int}}
     *   cells, sum of brightness, cells along each edge
     */
    private static function flood(array $plain, array &$seen, GreyGrid $grid, int $start): array
    {
        [$w, $h] = [$grid->columns, $grid->rows];
        $sides = ['top' => 0, 'bottom' => 0, 'left' => 0, 'right' => 0];
        [$members, $sum] = [0, 0.0];
        $stack = [$start];
        $seen[$start] = true;
        while ($stack !== []) {
            $i = array_pop($stack);
            [$x, $y] = [$i % $w, intdiv($i, $w)];
            $members++;
            $sum += $grid->cells[$i];
            // Slopes are not known along the border itself: the row inside it counts as touching.
            $sides['top'] += $y <= 1 ? 1 : 0;
            $sides['bottom'] += $y >= $h - 2 ? 1 : 0;
            $sides['left'] += $x <= 1 ? 1 : 0;
            $sides['right'] += $x >= $w - 2 ? 1 : 0;
            foreach (
                [
                    $x > 0 ? $i - 1 : null,
                    $x < $w - 1 ? $i + 1 : null,
                    $y > 0 ? $i - $w : null,
                    $y < $h - 1 ? $i + $w : null,
                ] as $next
            ) {
                if (
                    $next !== null &&
                    $plain[$next] &&
                    ! isset($seen[$next]) &&
                    abs($grid->cells[$next] - $grid->cells[$i]) < 3
                ) {
                    $seen[$next] = true;
                    $stack[] = $next;
                }
            }
        }

        return [$members, $sum, $sides];
    }
}
