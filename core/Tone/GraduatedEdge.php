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
        $stops = [];
        $band = function (int $top) use ($grid, &$stops): array {
            return $stops[$top] ??= self::band($grid, $top);
        };
        $best = null;
        $means = self::rowMeans($grid);
        for ($row = self::BORDER; $row < $grid->rows - self::BORDER; $row++) {
            // Most rows are done with after a look at their means.
            if (abs($means[$row + 2] - $means[$row - 2]) < self::LEAST / 2) {
                continue;
            }
            [$above, $below] = [$band($row - 2), $band($row + 1)];
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
                            $band($row - 6),
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

    /** @return list<float> stops of the mean brightness of each row, by its codes: close enough to look nearer */
    private static function rowMeans(ColourGrid $grid): array
    {
        $linear = Srgb::linearByCode();
        $means = [];
        foreach (str_split($grid->bytes, max(1, 3 * $grid->columns)) as $bytes) {
            // Every fourth cell; green is most of luminance.
            $sum = 0.0;
            for ($i = 1, $end = strlen($bytes); $i < $end; $i += 12) {
                $sum += log(max(1e-3, $linear[ord($bytes[$i])]), 2);
            }
            $means[] = (12 * $sum) / strlen($bytes);
        }

        return $means;
    }

    /** @return list<float> luminance in stops, the mean of two rows, column by column */
    private static function band(ColourGrid $grid, int $top): array
    {
        $linear = Srgb::linearByCode();
        $means = [];
        for ($x = 0; $x < $grid->columns; $x++) {
            $sum = 0.0;
            foreach ([$top, $top + 1] as $row) {
                $i = 3 * ($row * $grid->columns + $x);
                $sum += log(
                    max(
                        1e-3,
                        0.2126 * $linear[ord($grid->bytes[$i])] +
                            0.7152 * $linear[ord($grid->bytes[$i + 1])] +
                            0.0722 * $linear[ord($grid->bytes[$i + 2])],
                    ),
                    2,
                );
            }
            $means[] = $sum / 2;
        }

        return $means;
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
