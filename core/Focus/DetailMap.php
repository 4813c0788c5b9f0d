<?php

declare(strict_types=1);

namespace TruePupil\Core\Focus;

use InvalidArgumentException;

/** The edges of a picture at the size that it is judged at, cell by cell, before and after a second blur. */
final readonly class DetailMap
{
    /** @throws InvalidArgumentException when the energies do not fill the map */
    public function __construct(
        public int $columns,
        public int $rows,
        public EdgeEnergy $fine,
        public EdgeEnergy $blurred,
    ) {
        foreach ([$fine, $blurred] as $energy) {
            if (count($energy->across) !== $columns * $rows) {
                throw new InvalidArgumentException(
                    sprintf('A map of %d × %d cannot hold %d cells.', $columns, $rows, count($energy->across)),
                );
            }
        }
    }

    /** A part of it, which lies within. */
    public function cut(int $left, int $top, int $columns, int $rows): self
    {
        $cells = [];
        for ($y = $top; $y < $top + $rows; $y++) {
            array_push($cells, ...range($y * $this->columns + $left, $y * $this->columns + $left + $columns - 1));
        }

        return new self($columns, $rows, $this->fine->of($cells), $this->blurred->of($cells));
    }

    /** @return array{float, float} the middle of a cell, as fractions of the map */
    public function place(int $cell): array
    {
        return [(($cell % $this->columns) + 0.5) / $this->columns, (intdiv($cell, $this->columns) + 0.5) / $this->rows];
    }
}
