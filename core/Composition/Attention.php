<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use InvalidArgumentException;
use TruePupil\Core\Raster\ColourGrid;

/**
 * What draws the eye: the image signature (Hou, Harel and Koch, "Image Signature: Highlighting Sparse Salient Regions",
 * IEEE PAMI 34, 2012). The signs of a picture's cosine transform, transformed back, squared and smoothed, stand out
 * where something sparse lies on a plain ground; added up over brightness and two opponent colours.
 *
 * Where it is known what is sharp, that counts with it: a photographer leads the eye by the focus. And the eye rests in
 * the middle rather than at the border (Tatler, "The central fixation bias in scene viewing", 2007).
 */
final class Attention
{
    private const COLUMNS = 64;

    private const ROWS = 48;

    /** Smoothing, as a share of the columns. */
    private const BLUR = 0.045;

    /** What an unsharp place keeps of its weight. */
    private const UNSHARP = 0.1;

    /** Width of the border in which weight falls off, as a share of the side, and what is left at the very edge. */
    private const BORDER = [0.12, 0.1];

    /** Width of the middle: weight falls by e at this squared distance, in shares of the sides. */
    private const MIDDLE = 0.25;

    /** Peaks nearer than this share of the width are one. */
    private const APART = 0.14;

    /** @var ?list<float> sum of everything above and left of a corner, 65 × 49 */
    private ?array $sums = null;

    /**
     * @param  list<float>  $map  shares that add up to one, 64 × 48
     * @param  list<array{x: float, y: float, weight: float}>  $peaks  the strongest first; weight against the strongest
     * @param  array{x: float, y: float}  $balance  centre of weight, fractions of the frame
     */
    private function __construct(
        public readonly array $map,
        public readonly array $peaks,
        public readonly array $balance,
    ) {
    }

    /**
     * @param  ?list<float>  $sharp
     *   how much sharp detail lies round each place of the map, 0–1, row by row; null where it is not known
     */
    public static function of(ColourGrid $grid, ?array $sharp = null): self
    {
        $total = array_fill(0, self::COLUMNS * self::ROWS, 0.0);
        foreach (self::channels($grid) as $channel) {
            foreach (self::signature($channel) as $i => $value) {
                $total[$i] += $value;
            }
        }
        $map = self::weighted(self::blurred(array_values($total)), $sharp);
        $sum = array_sum($map);
        $map =
            $sum > 0
                ? array_map(fn (float $value): float => $value / $sum, $map)
                : array_fill(0, count($map), 1 / count($map));

        return new self($map, self::peaksOf($map), self::centreOf($map));
    }

    /**
     * From what it once was.
     *
     * @param  list<float>  $map  as $map gave it
     * @param  list<array{x: float, y: float, weight: float}>  $peaks
     * @param  array{x: float, y: float}  $balance
     *
     * @throws InvalidArgumentException when it is not a whole map
     */
    public static function restore(array $map, array $peaks, array $balance): self
    {
        if (count($map) !== self::COLUMNS * self::ROWS) {
            throw new InvalidArgumentException(sprintf('A map of attention cannot have %d cells.', count($map)));
        }

        return new self($map, $peaks, $balance);
    }

    /**
     * @param  list<float>  $map
     * @param  ?list<float>  $sharp
     * @return list<float>
     */
    private static function weighted(array $map, ?array $sharp): array
    {
        if ($sharp === null) {
            return $map;
        }
        $weighted = [];
        foreach ($map as $i => $value) {
            [$x, $y] = [(($i % self::COLUMNS) + 0.5) / self::COLUMNS, (intdiv($i, self::COLUMNS) + 0.5) / self::ROWS];
            $border = min(1.0, self::BORDER[1] + min($x, 1 - $x, $y, 1 - $y) / self::BORDER[0]);
            $middle = exp(-(($x - 0.5) ** 2 + ($y - 0.5) ** 2) / self::MIDDLE);
            $weighted[] = $value * (self::UNSHARP + $sharp[$i]) * $border * $middle;
        }

        return $weighted;
    }

    public static function columns(): int
    {
        return self::COLUMNS;
    }

    public static function rows(): int
    {
        return self::ROWS;
    }

    /** Share of all attention that falls into a region. */
    public function shareIn(Region $region): float
    {
        $column = fn (float $x): int => max(0, min(self::COLUMNS, (int) round($x * self::COLUMNS)));
        $row = fn (float $y): int => max(0, min(self::ROWS, (int) round($y * self::ROWS)));
        [$left, $right, $top, $bottom] = [
            $column($region->x),
            $column($region->x + $region->width),
            $row($region->y),
            $row($region->y + $region->height),
        ];
        $w = self::COLUMNS + 1;
        $sums = $this->sums ??= self::sumsOf($this->map);

        return max(
            0.0,
            $sums[$bottom * $w + $right] -
                $sums[$top * $w + $right] -
                $sums[$bottom * $w + $left] +
                $sums[$top * $w + $left],
        );
    }

    /** Share of all attention that falls into a marked area, by its outline; of a speck, into its box. */
    public function shareOf(Mark $area): float
    {
        $share = 0.0;
        $cells = 0;
        foreach ($this->map as $i => $value) {
            $x = (($i % self::COLUMNS) + 0.5) / self::COLUMNS;
            if ($area->holds($x, (intdiv($i, self::COLUMNS) + 0.5) / self::ROWS)) {
                $share += $value;
                $cells++;
            }
        }

        return $cells === 0 ? $this->shareIn($area->bounds()) : $share;
    }

    /**
     * @param  list<float>  $map
     * @return list<float>
     */
    private static function sumsOf(array $map): array
    {
        $w = self::COLUMNS + 1;
        $sums = array_fill(0, $w * (self::ROWS + 1), 0.0);
        for ($y = 0; $y < self::ROWS; $y++) {
            for ($x = 0, $row = 0.0; $x < self::COLUMNS; $x++) {
                $row += $map[$y * self::COLUMNS + $x];
                $sums[($y + 1) * $w + $x + 1] = $sums[$y * $w + $x + 1] + $row;
            }
        }

        return array_values($sums);
    }

    /** @return list<list<float>> brightness, red against green, blue against yellow, 64 × 48 each */
    private static function channels(ColourGrid $grid): array
    {
        $channels = [[], [], []];
        for ($y = 0; $y < self::ROWS; $y++) {
            [$top, $bottom] = [
                intdiv($y * $grid->rows, self::ROWS),
                max(intdiv($y * $grid->rows, self::ROWS) + 1, intdiv(($y + 1) * $grid->rows, self::ROWS)),
            ];
            for ($x = 0; $x < self::COLUMNS; $x++) {
                [$left, $right] = [
                    intdiv($x * $grid->columns, self::COLUMNS),
                    max(
                        intdiv($x * $grid->columns, self::COLUMNS) + 1,
                        intdiv(($x + 1) * $grid->columns, self::COLUMNS),
                    ),
                ];
                [$r, $g, $b, $n] = [0, 0, 0, 0];
                for ($v = $top; $v < min($bottom, $grid->rows); $v++) {
                    for ($u = $left; $u < min($right, $grid->columns); $u++) {
                        $i = 3 * ($v * $grid->columns + $u);
                        $r += ord($grid->bytes[$i]);
                        $g += ord($grid->bytes[$i + 1]);
                        $b += ord($grid->bytes[$i + 2]);
                        $n++;
                    }
                }
                $n = max(1, $n);
                $channels[0][] = ($r + $g + $b) / 3 / $n;
                $channels[1][] = ($r - $g) / $n;
                $channels[2][] = ($b - ($r + $g) / 2) / $n;
            }
        }

        return $channels;
    }

    /**
     * @param  list<float>  $channel
     * @return list<float>
     */
    private static function signature(array $channel): array
    {
        // A channel without any difference has nothing to show, and its rounding errors have signs.
        if ($channel === [] || max($channel) - min($channel) < 1.0) {
            return array_fill(0, count($channel), 0.0);
        }
        $waves = new CosineTransform(self::COLUMNS, self::ROWS);
        $signs = array_map(
            fn (float $value): float => abs($value) < 1e-9 ? 0.0 : ($value > 0 ? 1.0 : -1.0),
            $waves->of($channel),
        );
        // The mean of the picture is no part of what stands out.
        $signs[0] = 0.0;

        return array_map(fn (float $value): float => $value * $value, $waves->back($signs));
    }

    /**
     * @param  list<float>  $map
     * @return list<float>
     */
    private static function blurred(array $map): array
    {
        $sigma = self::BLUR * self::COLUMNS;
        $reach = (int) ceil(2.5 * $sigma);
        $kernel = array_map(fn (int $d): float => exp((-$d * $d) / (2 * $sigma * $sigma)), range(-$reach, $reach));
        $passes = [
            [1, self::COLUMNS, self::ROWS, self::COLUMNS],
            [self::COLUMNS, self::ROWS, self::COLUMNS, 1],
        ];
        foreach ($passes as [$stride, $length, $lines, $step]) {
            $next = $map;
            for ($line = 0; $line < $lines; $line++) {
                for ($i = 0; $i < $length; $i++) {
                    [$sum, $weight] = [0.0, 0.0];
                    for ($d = max(-$reach, -$i); $d <= min($reach, $length - 1 - $i); $d++) {
                        $sum += $kernel[$d + $reach] * $map[$line * $step + ($i + $d) * $stride];
                        $weight += $kernel[$d + $reach];
                    }
                    $next[$line * $step + $i * $stride] = $sum / $weight;
                }
            }
            $map = array_values($next);
        }

        return $map;
    }

    /**
     * @param  list<float>  $map
     * @return list<array{x: float, y: float, weight: float}>
     */
    private static function peaksOf(array $map): array
    {
        arsort($map);
        $peaks = [];
        $strongest = null;
        foreach ($map as $i => $value) {
            $strongest ??= $value;
            [$x, $y] = [(($i % self::COLUMNS) + 0.5) / self::COLUMNS, (intdiv($i, self::COLUMNS) + 0.5) / self::ROWS];
            if ($strongest <= 0 || $value < 0.25 * $strongest || count($peaks) === 5) {
                break;
            }
            foreach ($peaks as $peak) {
                if (hypot($peak['x'] - $x, (($peak['y'] - $y) * self::ROWS) / self::COLUMNS) < self::APART) {
                    continue 2;
                }
            }
            $peaks[] = ['x' => round($x, 4), 'y' => round($y, 4), 'weight' => round($value / $strongest, 3)];
        }

        return $peaks;
    }

    /**
     * @param  list<float>  $map
     * @return array{x: float, y: float}
     */
    private static function centreOf(array $map): array
    {
        [$x, $y] = [0.0, 0.0];
        foreach ($map as $i => $value) {
            $x += ($value * (($i % self::COLUMNS) + 0.5)) / self::COLUMNS;
            $y += ($value * (intdiv($i, self::COLUMNS) + 0.5)) / self::ROWS;
        }

        return ['x' => round($x, 4), 'y' => round($y, 4)];
    }
}
