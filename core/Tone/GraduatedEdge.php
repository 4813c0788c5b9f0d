<?php

declare(strict_types=1);

namespace TruePupil\Core\Tone;

use TruePupil\Core\Raster\ColourGrid;

/**
 * The hard edge of a graduated filter, or of a gradient drawn afterwards: across the whole width everything turns
 * darker by the same number of stops within two rows, whatever it is that stands there.
 *
 * A horizon or a roof does not do that: above and below it lie different things. So the line is only one where what
 * lies above follows what lies below from column to column, and where there is something to follow.
 */
final readonly class GraduatedEdge
{
    /** Stops by which it must darken, on the median of all columns. */
    private const LEAST = 0.9;

    /** Correlation of what is above with what is below. */
    private const SAME_THINGS = 0.85;

    /** Stops that the things along the line must differ by among themselves. */
    private const SOMETHING = 0.4;

    /** Of the columns that must darken by about as much. */
    private const ACROSS = 0.65;

    /** Rows next to the border that are left out: a frame drawn round a picture is no filter. */
    private const BORDER = 8;

    private function __construct(
        /** Where the line runs, as a fraction of the height. */
        public float $at,
        /** By how many stops it darkens what lies above (positive) or below (negative). */
        public float $stops,
        /** Correlation of what lies above with what lies below, 0–1. */
        public float $confidence,
    ) {
    }

    /**
     * The strongest edge of its kind; null where there is none.
     *
     * @param  ColourGrid  $grid  about 384 columns
     */
    public static function in(ColourGrid $grid): ?self
    {
        $stops = self::stops($grid);
        $best = null;
        $means = array_map(
            fn (int $row): float => array_sum(array_slice($stops, $row * $grid->columns, $grid->columns)) /
                $grid->columns,
            range(0, $grid->rows - 1),
        );
        for ($row = self::BORDER; $row < $grid->rows - self::BORDER; $row++) {
            // Most rows are done with after a look at their means.
            if (abs($means[$row + 2] - $means[$row - 2]) < self::LEAST / 2) {
                continue;
            }
            [$above, $below] = [self::band($stops, $grid, $row - 2), self::band($stops, $grid, $row + 1)];
            $steps = array_map(fn (float $low, float $high): float => $low - $high, $below, $above);
            $typical = self::median($steps);
            if (abs($typical) < self::LEAST || ($best !== null && abs($typical) <= abs($best->stops))) {
                continue;
            }
            $agreeing = count(
                array_filter($steps, fn (float $step): bool => abs($step - $typical) < 0.25 * abs($typical) + 0.1),
            );
            [$spread, $alike] = self::likeness($above, $below);
            // The same things go on in the rows beyond, so that the step is a line and not a slope.
            $goesOn =
                abs(
                    self::median(
                        array_map(
                            fn (float $far, float $near): float => $far - $near,
                            self::band($stops, $grid, $row - 6),
                            $above,
                        ),
                    ),
                ) <
                0.25 * abs($typical);
            if (
                $agreeing >= self::ACROSS * $grid->columns &&
                $spread >= self::SOMETHING &&
                $alike >= self::SAME_THINGS &&
                $goesOn
            ) {
                $best = new self(round(($row + 0.5) / $grid->rows, 4), round($typical, 2), round($alike, 3));
            }
        }

        return $best;
    }

    /** @return array{at: float, stops: float, confidence: float} */
    public function toArray(): array
    {
        return ['at' => $this->at, 'stops' => $this->stops, 'confidence' => $this->confidence];
    }

    /** @param  array{at: float, stops: float, confidence: float}  $stored */
    public static function restore(array $stored): self
    {
        return new self($stored['at'], $stored['stops'], $stored['confidence']);
    }

    /** @return list<float> luminance of each cell in stops */
    private static function stops(ColourGrid $grid): array
    {
        $linear = Srgb::linearByCode();
        $stops = [];
        for ($i = 0, $end = 3 * $grid->columns * $grid->rows; $i < $end; $i += 3) {
            $stops[] = log(
                max(
                    1e-3,
                    0.2126 * $linear[$grid->codes[$i]] +
                        0.7152 * $linear[$grid->codes[$i + 1]] +
                        0.0722 * $linear[$grid->codes[$i + 2]],
                ),
                2,
            );
        }

        return $stops;
    }

    /**
     * @param  list<float>  $stops
     * @return list<float> the mean of two rows, column by column
     */
    private static function band(array $stops, ColourGrid $grid, int $top): array
    {
        $w = $grid->columns;

        return array_map(
            fn (int $x): float => ($stops[$top * $w + $x] + $stops[($top + 1) * $w + $x]) / 2,
            range(0, $w - 1),
        );
    }

    /** @param  list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)];
    }

    /**
     * @param  list<float>  $above
     * @param  list<float>  $below
     * @return array{float, float} the smaller standard deviation, and the correlation
     */
    private static function likeness(array $above, array $below): array
    {
        $n = count($above);
        [$ma, $mb] = [array_sum($above) / $n, array_sum($below) / $n];
        [$aa, $bb, $ab] = [0.0, 0.0, 0.0];
        foreach ($above as $i => $value) {
            $aa += ($value - $ma) ** 2;
            $bb += ($below[$i] - $mb) ** 2;
            $ab += ($value - $ma) * ($below[$i] - $mb);
        }

        return [sqrt(min($aa, $bb) / $n), $aa * $bb > 0 ? $ab / sqrt($aa * $bb) : 0.0];
    }
}
