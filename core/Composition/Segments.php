<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Raster\GreyGrid;

/**
 * Straight edges of any direction, with their ends: the Hough transform over normals (Duda and Hart 1972), each edge
 * voting near its own direction; along the strongest line, the longest run of edges without a gap is one segment.
 *
 * @phpstan-type Segment array{x1: float, y1: float, x2: float, y2: float, length: float}
 */
final class Segments
{
    /** Degrees between the directions that are looked at. */
    private const STEP = 1.5;

    private const DIRECTIONS = 120;

    /** Steps to either side of its own direction for which an edge votes. */
    private const REACH = 2;

    /** Codes a cell that make an edge. */
    private const EDGE = 7.0;

    /** Cells beside a line that still belong to it. */
    private const BESIDE = 1.3;

    /** Of the diagonal: shorter edges are details. */
    public const SHORTEST = 0.11;

    /** A gap of this share of the columns ends a run. */
    private const GAP = 0.025;

    private const MOST = 14;

    private const TRIES = 36;

    /**
     * @param  GreyGrid  $grid  about 192 columns, of square cells
     * @return list<Segment>
     *   ends as fractions of the frame, length as a share of the diagonal; the longest first
     */
    public static function of(GreyGrid $grid): array
    {
        $points = self::edges($grid);
        $votes = array_fill(0, self::DIRECTIONS, []);
        foreach ($points as $point) {
            self::vote($votes, $point, 1);
        }
        $diagonal = hypot($grid->columns, $grid->rows);
        $segments = [];
        for ($try = 0; $try < self::TRIES && count($segments) < self::MOST; $try++) {
            [$direction, $place, $count] = self::strongest($votes);
            if ($count < 0.7 * self::SHORTEST * $diagonal) {
                break;
            }
            [$members, $run] = self::onLine(
                $points,
                deg2rad($direction * self::STEP),
                (float) $place,
                self::GAP * $grid->columns,
            );
            $length = $run === [] ? 0.0 : end($run)[0] - $run[0][0];
            $isLong = $length >= self::SHORTEST * $diagonal && count($run) >= 0.6 * $length;
            foreach ($isLong ? array_column($run, 1) : $members as $index) {
                self::vote($votes, $points[$index], -1);
                if ($isLong) {
                    $segments[(string) $try][] = $points[$index];
                }
                unset($points[$index]);
            }
            if ($members === []) {
                unset($votes[$direction][$place]);
            }
        }
        $described = array_map(fn (array $run): array => self::ends($run, $grid, $diagonal), array_values($segments));
        usort($described, fn (array $a, array $b): int => $b['length'] <=> $a['length']);

        return $described;
    }

    /**
     * @return array<int, array{float, float, float}>
     *   across and down from the middle, in cells; direction of the normal, radians
     */
    private static function edges(GreyGrid $grid): array
    {
        [$across, $down] = $grid->smoothed()->slopes();
        [$w, $h] = [$grid->columns, $grid->rows];
        $points = [];
        for ($y = 2; $y < $h - 2; $y++) {
            for ($x = 2, $i = $y * $w + 2; $x < $w - 2; $x++, $i++) {
                [$gx, $gy] = [$across[$i], $down[$i]];
                $size = $gx * $gx + $gy * $gy;
                if ($size < self::EDGE ** 2) {
                    continue;
                }
                // Only where the slope is steepest along itself.
                $next = (int) round($gx / sqrt($size)) + $w * (int) round($gy / sqrt($size));
                if (
                    $size < $across[$i - $next] ** 2 + $down[$i - $next] ** 2 ||
                    $size <= $across[$i + $next] ** 2 + $down[$i + $next] ** 2
                ) {
                    continue;
                }
                $normal = atan2($gy, $gx);
                $points[] = [$x + 0.5 - $w / 2, $y + 0.5 - $h / 2, $normal < 0 ? $normal + M_PI : $normal];
            }
        }

        return $points;
    }

    /**
     * @param  array<int, array<int, int>>  $votes  by direction and distance of the line from the middle
     * @param  array{float, float, float}  $point
     */
    private static function vote(array &$votes, array $point, int $by): void
    {
        [$x, $y, $normal] = $point;
        $own = (int) round(rad2deg($normal) / self::STEP);
        for ($step = $own - self::REACH; $step <= $own + self::REACH; $step++) {
            $angle = deg2rad($step * self::STEP);
            $place = $x * cos($angle) + $y * sin($angle);
            // Half a turn further the same line lies on the other side.
            $direction = ($step + self::DIRECTIONS) % self::DIRECTIONS;
            $place = (int) round($direction === $step ? $place : -$place);
            $votes[$direction][$place] = ($votes[$direction][$place] ?? 0) + $by;
        }
    }

    /**
     * @param  array<int, array<int, int>>  $votes
     * @return array{int, int, int} direction, place, votes
     */
    private static function strongest(array $votes): array
    {
        $best = [0, 0, 0];
        foreach ($votes as $direction => $row) {
            $most = $row === [] ? 0 : max($row);
            if ($most > $best[2]) {
                $best = [$direction, (int) array_search($most, $row, true), $most];
            }
        }

        return $best;
    }

    /**
     * @param  array<int, array{float, float, float}>  $points
     * @return array{list<int>, list<array{float, int}>}
     *   all points on the line, and its longest run: places along it and points
     */
    private static function onLine(array $points, float $angle, float $place, float $gap): array
    {
        [$cos, $sin] = [cos($angle), sin($angle)];
        $along = [];
        foreach ($points as $index => [$x, $y, $normal]) {
            $turned = abs($normal - $angle);
            if (abs($x * $cos + $y * $sin - $place) <= self::BESIDE && min($turned, M_PI - $turned) < deg2rad(8)) {
                $along[$index] = -$x * $sin + $y * $cos;
            }
        }
        asort($along);
        $runs = [[]];
        $last = null;
        foreach ($along as $index => $t) {
            if ($last !== null && $t - $last > $gap) {
                $runs[] = [];
            }
            $runs[count($runs) - 1][] = [$t, $index];
            $last = $t;
        }
        usort($runs, fn (array $a, array $b): int => count($b) <=> count($a));

        return [array_keys($along), $runs[0]];
    }

    /**
     * The straight line through points by total least squares, from the first to the last of them.
     *
     * @param  non-empty-list<array{float, float, float}>  $run
     * @return Segment
     */
    private static function ends(array $run, GreyGrid $grid, float $diagonal): array
    {
        $n = count($run);
        [$mx, $my] = [array_sum(array_column($run, 0)) / $n, array_sum(array_column($run, 1)) / $n];
        [$xx, $yy, $xy] = [0.0, 0.0, 0.0];
        foreach ($run as [$x, $y]) {
            $xx += ($x - $mx) ** 2;
            $yy += ($y - $my) ** 2;
            $xy += ($x - $mx) * ($y - $my);
        }
        $angle = 0.5 * atan2(2 * $xy, $xx - $yy);
        [$dx, $dy] = [cos($angle), sin($angle)];
        $along = array_map(fn (array $point): float => ($point[0] - $mx) * $dx + ($point[1] - $my) * $dy, $run);
        $place = fn (float $t): array => [
            round(max(0.0, min(1.0, 0.5 + ($mx + $t * $dx) / $grid->columns)), 4),
            round(max(0.0, min(1.0, 0.5 + ($my + $t * $dy) / $grid->rows)), 4),
        ];
        [[$x1, $y1], [$x2, $y2]] = [$place(min($along)), $place(max($along))];

        return [
            'x1' => $x1,
            'y1' => $y1,
            'x2' => $x2,
            'y2' => $y2,
            'length' => round((max($along) - min($along)) / $diagonal, 4),
        ];
    }
}
