<?php

declare(strict_types=1);

namespace TruePupil\Core\Raster;

use InvalidArgumentException;

/** Brightness of square cells of a picture, 0–255, row by row from the top left. */
final readonly class GreyGrid
{
    /** @param  list<float>  $cells */
    private function __construct(public int $columns, public int $rows, public array $cells)
    {
    }

    /**
     * @param  list<float>  $cells
     *
     * @throws InvalidArgumentException when the cells do not fill the grid
     */
    public static function of(int $columns, int $rows, array $cells): self
    {
        return $columns < 1 || $rows < 1 || count($cells) !== $columns * $rows
            ? throw new InvalidArgumentException(
                sprintf('A grid of %d × %d cannot hold %d cells.', $columns, $rows, count($cells)),
            )
            : new self($columns, $rows, $cells);
    }

    /** One byte a cell. */
    public function toBytes(): string
    {
        return implode(
            '',
            array_map(fn (float $cell): string => chr(max(0, min(255, (int) round($cell)))), $this->cells),
        );
    }

    /** @throws InvalidArgumentException when the bytes do not fill the grid */
    public static function ofBytes(int $columns, int $rows, string $bytes): self
    {
        /** @var array<int> $codes */
        $codes = unpack('C*', $bytes) ?: [];
        $cells = [];
        foreach ($codes as $code) {
            $cells[] = (float) $code;
        }

        return self::of($columns, $rows, $cells);
    }

    /**
     * Slope of brightness by the Sobel operator, in codes a cell, at every cell inside the border.
     *
     * @return array{list<float>, list<float>} across and downwards, row by row; zero along the border
     */
    public function slopes(): array
    {
        [$w, $h, $c] = [$this->columns, $this->rows, $this->cells];
        $across = $down = array_fill(0, $w * $h, 0.0);
        for ($y = 1; $w > 2 && $y < $h - 1; $y++) {
            $i = $y * $w + 1;
            // Three columns of three cells each, which move on by one at a time.
            [$a1, $b1, $c1] = [$c[$i - $w - 1], $c[$i - 1], $c[$i + $w - 1]];
            [$a2, $b2, $c2] = [$c[$i - $w], $c[$i], $c[$i + $w]];
            for ($end = $i + $w - 2; $i < $end; $i++) {
                $a3 = $c[$i - $w + 1];
                $b3 = $c[$i + 1];
                $c3 = $c[$i + $w + 1];
                $across[$i] = ($a3 + 2 * $b3 + $c3 - $a1 - 2 * $b1 - $c1) / 8;
                $down[$i] = ($c1 + 2 * $c2 + $c3 - $a1 - 2 * $a2 - $a3) / 8;
                $a1 = $a2;
                $a2 = $a3;
                $b1 = $b2;
                $b2 = $b3;
                $c1 = $c2;
                $c2 = $c3;
            }
        }

        return [array_values($across), array_values($down)];
    }

    /** Each cell the mean of itself and its neighbours, so that the steps of a slanting edge melt into a slope. */
    public function smoothed(): self
    {
        [$w, $h, $cells] = [$this->columns, $this->rows, $this->cells];
        $across = $cells;
        for ($y = 0; $y < $h; $y++) {
            for ($x = 1, $i = $y * $w + 1; $x < $w - 1; $x++, $i++) {
                $across[$i] = ($cells[$i - 1] + $cells[$i] + $cells[$i + 1]) / 3;
            }
        }
        $both = $across;
        for ($i = $w, $end = $w * ($h - 1); $i < $end; $i++) {
            $both[$i] = ($across[$i - $w] + $across[$i] + $across[$i + $w]) / 3;
        }

        return new self($w, $h, array_values($both));
    }

    /**
     * Less the mean of each band one cell wide, counted along a direction: what is left has nothing that runs evenly
     * across that direction from end to end.
     *
     * @param  float  $x  across and downwards, of a vector of length one
     */
    public function withoutBands(float $x, float $y): self
    {
        $sums = $counts = $bands = [];
        for ($row = 0, $i = 0; $row < $this->rows; $row++) {
            for ($column = 0; $column < $this->columns; $column++, $i++) {
                $band = (int) floor(($column + 0.5) * $x + ($row + 0.5) * $y);
                $bands[] = $band;
                $sums[$band] = ($sums[$band] ?? 0.0) + $this->cells[$i];
                $counts[$band] = ($counts[$band] ?? 0) + 1;
            }
        }

        return new self(
            $this->columns,
            $this->rows,
            array_map(
                fn (float $cell, int $band): float => $cell - $sums[$band] / $counts[$band],
                $this->cells,
                $bands,
            ),
        );
    }

    /** Half as many cells each way, each the mean of four; an odd last row or column is left out. */
    public function halved(): self
    {
        [$w, $columns, $rows] = [$this->columns, max(1, intdiv($this->columns, 2)), max(1, intdiv($this->rows, 2))];
        [$right, $below] = [$w > 1 ? 1 : 0, $this->rows > 1 ? $w : 0];
        $cells = [];
        for ($y = 0; $y < $rows; $y++) {
            for ($x = 0, $i = 2 * $y * $w; $x < $columns; $x++, $i += 2) {
                $cells[] = ($this->cells[$i] + $this->cells[$i + $right] + $this->cells[$i + $below]
                    + $this->cells[$i + $right + $below]) / 4;
            }
        }

        return new self($columns, $rows, $cells);
    }

    public function mean(): float
    {
        return array_sum($this->cells) / count($this->cells);
    }
}
