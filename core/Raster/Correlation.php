<?php

declare(strict_types=1);

namespace TruePupil\Core\Raster;

/** How alike two pictures of one shape are where they overlap, whatever the exposure of each. */
final readonly class Correlation
{
    /** Fewer cells tell nothing. */
    private const LEAST_CELLS = 20;

    /** Spread below which a picture is plain, in codes squared a cell. */
    private const PLAIN = 1e-9;

    /** @var list<float> */
    private array $first;

    /** @var list<float> */
    private array $second;

    private int $columns;

    private int $rows;

    public function __construct(GreyGrid $first, GreyGrid $second)
    {
        $this->first = $first->cells;
        $this->second = $second->cells;
        [$this->columns, $this->rows] = [$first->columns, $first->rows];
    }

    /**
     * Pearson's coefficient, −1 to 1, with the second picture moved; 0 where what they share is plain or tiny.
     *
     * @param  int  $dx  cells by which what the second shows lies further right
     * @param  int  $dy  cells by which it lies further down
     * @param  int  $across  every so many cells of a row are compared
     * @param  int  $down  every so many rows
     */
    public function at(int $dx, int $dy, int $across, int $down): float
    {
        [$first, $second, $w, $h] = [$this->first, $this->second, $this->columns, $this->rows];
        $from = max(0, -$dx);
        $width = min($w, $w - $dx) - $from;
        $shift = $dy * $w + $dx;
        $n = 0;
        $a = $b = $aa = $bb = $ab = 0.0;
        for ($y = max(0, -$dy), $bottom = min($h, $h - $dy); $y < $bottom; $y += $down) {
            for ($i = $y * $w + $from, $end = $i + $width; $i < $end; $i += $across) {
                $one = $first[$i];
                $two = $second[$i + $shift];
                $n++;
                $a += $one;
                $b += $two;
                $aa += $one * $one;
                $bb += $two * $two;
                $ab += $one * $two;
            }
        }
        if ($n < self::LEAST_CELLS) {
            return 0.0;
        }
        $spread = max(0.0, $aa - ($a * $a) / $n) * max(0.0, $bb - ($b * $b) / $n);

        return $spread < self::PLAIN * $n * $n ? 0.0 : ($ab - ($a * $b) / $n) / sqrt($spread);
    }
}
