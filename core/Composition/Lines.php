<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Raster\GreyGrid;

/**
 * Straight lines that are nearly level or nearly upright, by the Hough transform over edges (Duda and Hart 1972), each
 * edge voting only near the direction that its slope of brightness gives.
 *
 * Angles in degrees; positive is clockwise: a level line falls to the right, an upright one leans to the right.
 */
final readonly class Lines
{
    /** Lines further off than this are meant to be slanting. */
    private const WINDOW = 10.0;

    private const STEP = 0.25;

    /** How far from its own direction an edge still votes, degrees. */
    private const VOTES = 3.0;

    /** Codes a cell that make an edge. */
    private const EDGE = 6.0;

    /** A line counts when it is this long, as a share of the frame's side along it. */
    private const LONG = 0.18;

    /** Lines of each kind that are looked for. */
    private const MOST = 10;

    /**
     * @param  list<array{angle: float, at: float, length: float, upright: bool}>  $lines
     *   the longest first; "at" is where it crosses the middle of the frame, as a fraction of the side it crosses;
     *   length as a share of the side along it
     */
    private function __construct(public array $lines)
    {
    }

    public static function of(GreyGrid $grid): self
    {
        [$across, $down] = $grid->smoothed()->slopes();
        $lines = [];
        foreach ([false, true] as $upright) {
            foreach (self::family($grid, $across, $down, $upright) as $line) {
                $lines[] = $line;
            }
        }
        usort($lines, fn (array $a, array $b): int => $b['length'] <=> $a['length']);

        return new self($lines);
    }

    /** Share of the picture that is left when it is turned level by an angle and cut to its own shape. */
    public static function keptAfterTurning(float $degrees, float $aspect): float
    {
        [$sin, $cos] = [abs(sin(deg2rad($degrees))), abs(cos(deg2rad($degrees)))];
        // The largest upright rectangle of the same shape inside the turned one touches its long or its short sides.
        $scale = 1 / max($cos + $sin * max($aspect, 1 / $aspect), $cos + $sin * min($aspect, 1 / $aspect));

        return $scale ** 2;
    }

    /**
     * @param  list<float>  $across
     * @param  list<float>  $down
     * @return list<array{angle: float, at: float, length: float, upright: bool}>
     */
    private static function family(GreyGrid $grid, array $across, array $down, bool $upright): array
    {
        $points = self::points($grid, $across, $down, $upright);
        [$side, $other] = $upright ? [$grid->rows, $grid->columns] : [$grid->columns, $grid->rows];
        $votes = [];
        foreach ($points as $point) {
            self::vote($votes, $point, 1);
        }
        $lines = [];
        for ($found = 0; $found < self::MOST; $found++) {
            [$step, $at, $count] = self::strongest($votes);
            if ($count < self::LONG * $side) {
                break;
            }
            $tangent = tan(deg2rad(-self::WINDOW + $step * self::STEP));
            [$tangent, $at, $members] = self::fitted($points, $tangent, (float) $at);
            foreach ($members as $index) {
                self::vote($votes, $points[$index], -1);
                unset($points[$index]);
            }
            if (count($members) >= self::LONG * $side) {
                $lines[] = [
                    'angle' => rad2deg(atan($tangent)),
                    'at' => $at / $other,
                    'length' => min(1.0, count($members) / $side),
                    'upright' => $upright,
                ];
            } else {
                // Chance gathered these votes; what is left of them goes too.
                unset($votes[$step][(int) round($at)]);
            }
        }

        return $lines;
    }

    /**
     * One point for each place where an edge is steepest across its own direction, to a fraction of a cell.
     *
     * Of a level line: cross = at + tan(angle) · along, with along counted from the middle to the right and cross
     * downwards.
     * Of an upright one: along upwards from the middle, cross to the right.
     *
     * @param  list<float>  $across
     * @param  list<float>  $down
     * @return array<int, array{float, float, float}> along, cross, angle in degrees
     */
    private static function points(GreyGrid $grid, array $across, array $down, bool $upright): array
    {
        [$w, $h] = [$grid->columns, $grid->rows];
        [$main, $side, $next] = $upright ? [$across, $down, 1] : [$down, $across, $w];
        $points = [];
        for ($y = 2; $y < $h - 2; $y++) {
            for ($x = 2, $i = $y * $w + 2; $x < $w - 2; $x++, $i++) {
                $here = abs($main[$i]);
                if ($here < self::EDGE || abs($side[$i]) > 0.25 * $here) {
                    continue;
                }
                [$before, $after] = [abs($main[$i - $next]), abs($main[$i + $next])];
                if ($here < $before || $here <= $after) {
                    continue;
                }
                // The top of the parabola through the three.
                $shift =
                    $before + $after - 2 * $here < -1e-9
                        ? ($before - $after) / (2 * ($before + $after - 2 * $here))
                        : 0.0;
                $angle = rad2deg(atan($side[$i] / $main[$i])) * ($upright ? 1 : -1);
                $points[] = $upright
                    ? [$h / 2 - 0.5 - $y, $x + $shift, $angle]
                    : [$x + 0.5 - $w / 2, $y + $shift, $angle];
            }
        }

        return $points;
    }

    /**
     * @param  array<int, array<int, int>>  $votes  by angle and place
     * @param  array{float, float, float}  $point
     */
    private static function vote(array &$votes, array $point, int $by): void
    {
        [$along, $cross, $angle] = $point;
        $reach = (int) round(self::VOTES / self::STEP);
        $centre = (int) round(($angle + self::WINDOW) / self::STEP);
        for (
            $step = max(0, $centre - $reach),
            $last = min((int) round((2 * self::WINDOW) / self::STEP), $centre + $reach);
            $step <= $last;
            $step++
        ) {
            $at = (int) round($cross - tan(deg2rad(-self::WINDOW + $step * self::STEP)) * $along);
            $votes[$step][$at] = ($votes[$step][$at] ?? 0) + $by;
        }
    }

    /**
     * @param  array<int, array<int, int>>  $votes
     * @return array{int, int, int} step of angle, place, votes
     */
    private static function strongest(array $votes): array
    {
        $best = [0, 0, 0];
        foreach ($votes as $step => $row) {
            if ($row !== [] && max($row) > $best[2]) {
                $best = [$step, (int) array_search(max($row), $row, true), max($row)];
            }
        }

        return $best;
    }

    /**
     * The straight line through the points near a first guess, by least squares, looked at ever closer.
     *
     * @param  array<int, array{float, float, float}>  $points
     * @return array{float, float, list<int>} tangent, place in the middle, and which points lie on it
     */
    private static function fitted(array $points, float $tangent, float $at): array
    {
        $members = [];
        foreach ([2.5, 1.5, 1.2] as $near) {
            $members = [];
            [$n, $x, $y, $xx, $xy] = [0, 0.0, 0.0, 0.0, 0.0];
            foreach ($points as $index => [$along, $cross]) {
                if (abs($cross - $at - $tangent * $along) <= $near) {
                    $members[] = $index;
                    $n++;
                    $x += $along;
                    $y += $cross;
                    $xx += $along * $along;
                    $xy += $along * $cross;
                }
            }
            $spread = $xx - ($x * $x) / max(1, $n);
            if ($n < 5 || $spread < 1e-6) {
                break;
            }
            $tangent = ($xy - ($x * $y) / $n) / $spread;
            $at = ($y - $tangent * $x) / $n;
        }

        return [$tangent, $at, $members];
    }
}
