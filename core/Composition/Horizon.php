<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Raster\GreyGrid;

/**
 * The line between sky and what lies below: straight over most of the width, though soft or partly hidden, with a plain
 * and brighter part above it. Found on a small picture, where a soft edge is as steep as a sharp one.
 */
final readonly class Horizon
{
    /** Degrees to either side of level that are tried, and their step. */
    private const WINDOW = 10.0;

    private const STEP = 0.25;

    /** Codes a cell by which it must darken downwards. */
    private const EDGE = 1.5;

    /** Share of the columns that must show the line. */
    private const LONG = 0.55;

    /** Nearer to the upper or lower edge of the frame it is a canopy, a wall or a table. */
    private const FROM_EDGE = 0.08;

    /** Rows beside the line within which an edge belongs to it. */
    private const BESIDE = 1.0;

    /** The line must be so many times as steep as what lies above it. */
    private const PLAIN = 3.0;

    /** Rows above the line that are looked at for sky, and those next to it that are left out. */
    private const SKY = [2, 10];

    /** Rows above and below that are compared: a glow goes on getting darker, an edge is soon over. */
    private const EDGE_ROWS = 2;

    private const GLOW_ROWS = 6;

    /** Of what it darkens by over the more rows, the part that the fewer must hold. */
    private const AT_ONCE = 0.7;

    private function __construct(
        /** Degrees, positive clockwise. */
        public float $angle,
        /** Where it crosses the middle of the frame, as a fraction of the height. */
        public float $at,
        /** Share of the columns that show it. */
        public float $share,
    ) {
    }

    /** @param  GreyGrid  $grid  about 96 columns */
    public static function in(GreyGrid $grid): ?self
    {
        [$across, $down] = $grid->smoothed()->slopes();
        $points = array_values(array_filter(
            self::points($grid, $across, $down),
            fn (array $point): bool => self::isEdge($grid, $point[2], (int) round($point[1])),
        ));
        [$tangent, $at] = self::strongest($points);
        $members = [];
        foreach ([2.0, self::BESIDE] as $beside) {
            $members = array_filter(
                $points,
                fn (array $point): bool => abs($point[1] - $at - $tangent * $point[0]) <= $beside,
            );
            [$tangent, $at] = self::fitted(array_values($members), $tangent, $at);
        }
        $share = count(array_unique(array_column($members, 2))) / $grid->columns;
        $height = $at / $grid->rows;
        if ($share < self::LONG || $height < self::FROM_EDGE || $height > 1 - self::FROM_EDGE) {
            return null;
        }
        $steep = array_sum(array_column($members, 3)) / count($members);

        return $steep < self::PLAIN * self::roughnessAbove($grid, $across, $down, $tangent, $at)
            ? null
            : new self(rad2deg(atan($tangent)), $height, $share);
    }

    /**
     * Where the picture darkens downwards most steeply.
     *
     * @param  list<float>  $across
     * @param  list<float>  $down
     * @return list<array{float, float, int, float}> cells from the middle, row, column, steepness
     */
    private static function points(GreyGrid $grid, array $across, array $down): array
    {
        [$w, $h] = [$grid->columns, $grid->rows];
        $points = [];
        for ($y = 2; $y < $h - 2; $y++) {
            for ($x = 2, $i = $y * $w + 2; $x < $w - 2; $x++, $i++) {
                [$before, $here, $after] = [-$down[$i - $w], -$down[$i], -$down[$i + $w]];
                if (
                    $here < self::EDGE ||
                    $here < $before ||
                    $here <= $after ||
                    abs($across[$i]) > 0.35 * $here + self::EDGE / 3
                ) {
                    continue;
                }
                $bend = $before + $after - 2 * $here;
                $points[] = [$x + 0.5 - $w / 2, $y + ($bend < -1e-9 ? ($before - $after) / (2 * $bend) : 0), $x, $here];
            }
        }

        return $points;
    }

    /** Whether it darkens at once at a place, and not all the way from far above to far below as a glow does. */
    private static function isEdge(GreyGrid $grid, int $x, int $y): bool
    {
        $cell = fn (int $row): float => $grid->cells[max(0, min($grid->rows - 1, $row)) * $grid->columns + $x];
        $darker = $cell($y - self::EDGE_ROWS) - $cell($y + self::EDGE_ROWS);

        return $darker >= self::AT_ONCE * ($cell($y - self::GLOW_ROWS) - $cell($y + self::GLOW_ROWS));
    }

    /**
     * @param  list<array{float, float, int, float}>  $points
     * @return array{float, float} tangent, row in the middle
     */
    private static function strongest(array $points): array
    {
        $best = [0, 0.0, 0.0];
        for ($angle = -self::WINDOW; $angle <= self::WINDOW; $angle += self::STEP) {
            $tangent = tan(deg2rad($angle));
            $votes = [];
            foreach ($points as [$along, $row]) {
                $at = (int) round($row - $tangent * $along);
                $votes[$at] = ($votes[$at] ?? 0) + 1;
            }
            $most = $votes === [] ? 0 : max($votes);
            if ($most > $best[0]) {
                $best = [$most, $tangent, (float) array_search($most, $votes, true)];
            }
        }

        return [$best[1], $best[2]];
    }

    /**
     * By least squares.
     *
     * @param  list<array{float, float, int, float}>  $points
     * @return array{float, float} tangent, row in the middle
     */
    private static function fitted(array $points, float $tangent, float $at): array
    {
        $n = count($points);
        if ($n < 5) {
            return [$tangent, $at];
        }
        [$x, $y] = [array_sum(array_column($points, 0)) / $n, array_sum(array_column($points, 1)) / $n];
        [$xx, $xy] = [0.0, 0.0];
        foreach ($points as [$along, $row]) {
            $xx += ($along - $x) ** 2;
            $xy += ($along - $x) * ($row - $y);
        }
        $tangent = $xx > 0 ? $xy / $xx : $tangent;

        return [$tangent, $y - $tangent * $x];
    }

    /**
     * Median slope in what lies over the line, codes a cell: what stands before a sky is not the sky.
     *
     * @param  list<float>  $across
     * @param  list<float>  $down
     */
    private static function roughnessAbove(
        GreyGrid $grid,
        array $across,
        array $down,
        float $tangent,
        float $at,
    ): float {
        $slopes = [];
        for ($x = 2; $x < $grid->columns - 2; $x++) {
            $line = (int) round($at + $tangent * ($x + 0.5 - $grid->columns / 2));
            for ($y = max(1, $line - self::SKY[1]); $y <= min($grid->rows - 2, $line - self::SKY[0]); $y++) {
                $slopes[] = hypot($across[$y * $grid->columns + $x], $down[$y * $grid->columns + $x]);
            }
        }

        sort($slopes);

        return $slopes[intdiv(count($slopes), 2)] ?? INF;
    }
}
