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

    /** @return array{float, float} the middle of a cell, as fractions of the map */
    public function place(int $cell): array
    {
        return [(($cell % $this->columns) + 0.5) / $this->columns, (intdiv($cell, $this->columns) + 0.5) / $this->rows];
    }
}
