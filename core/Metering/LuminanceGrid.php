<?php

declare(strict_types=1);

namespace TruePupil\Core\Metering;

use InvalidArgumentException;

/** Mean linear luminance (0–1, 0.18 is mid-grey) of square cells over a picture, row by row from the top left. */
final readonly class LuminanceGrid
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
        if ($columns < 1 || $rows < 1 || count($cells) !== $columns * $rows) {
            throw new InvalidArgumentException(
                sprintf('A grid of %d × %d cannot hold %d cells.', $columns, $rows, count($cells)),
            );
        }

        return new self($columns, $rows, $cells);
    }

    /**
     * Where the centres of the columns lie, in frame heights from the left.
     *
     * @return list<float>
     */
    public function across(): array
    {
        return array_map(fn (int $column): float => ($column + 0.5) / $this->rows, range(0, $this->columns - 1));
    }

    /**
     * Where the centres of the rows lie, in frame heights from the top.
     *
     * @return list<float>
     */
    public function down(): array
    {
        return array_map(fn (int $row): float => ($row + 0.5) / $this->rows, range(0, $this->rows - 1));
    }

    /** Width in frame heights. */
    public function aspect(): float
    {
        return $this->columns / $this->rows;
    }

    /**
     * Mean luminance with a weight for each cell; the plain mean when all weights are zero.
     *
     * @param  list<float>  $weights
     */
    public function weightedMean(array $weights): float
    {
        $sum = $weight = 0.0;
        foreach ($this->cells as $index => $luminance) {
            $sum += $luminance * $weights[$index];
            $weight += $weights[$index];
        }

        return $weight > 0.0 ? $sum / $weight : array_sum($this->cells) / count($this->cells);
    }
}
