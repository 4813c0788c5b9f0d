<?php

declare(strict_types=1);

namespace Tests\Core\Raster;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Raster\ConnectedCells;

final class ConnectedCellsTest extends TestCase
{
    public function test_sides_connect_and_corners_and_the_ends_of_rows_do_not(): void
    {
        // # # . .
        // . . # #
        // # . # .
        $pieces = ConnectedCells::of([0, 1, 6, 7, 8, 10], 4);

        $this->assertSame([[0, 1], [6, 7, 10], [8]], array_map(
            function (array $piece): array {
                sort($piece);

                return $piece;
            },
            $pieces,
        ));
        $this->assertSame([[3], [4]], ConnectedCells::of([3, 4], 4), 'the end of a row and the start of the next');
        $this->assertSame([], ConnectedCells::of([], 4));
    }

    public function test_what_is_named_first_stands_first(): void
    {
        $this->assertSame([[9], [0]], ConnectedCells::of([9, 0, 9], 4));
    }
}
