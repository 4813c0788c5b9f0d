<?php

declare(strict_types=1);

namespace Tests\Core\Raster;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Raster\CellEdges;
use TruePupil\Core\Raster\ColourGrid;

final class CellEdgesTest extends TestCase
{
    public function test_neighbours_differ_by_all_three_channels_and_the_border_has_none(): void
    {
        $edges = CellEdges::of(ColourGrid::ofBytes(2, 2, "\x00\x00\x00\x0a\x00\x05"."\x00\x14\x00\xff\xff\xff"));

        $this->assertSame([15, CellEdges::NONE, 745, CellEdges::NONE], $edges->across);
        $this->assertSame([20, 750, CellEdges::NONE, CellEdges::NONE], $edges->down);
    }

    public function test_the_way_goes_round_what_is_dear(): void
    {
        // A wall with a gap below: 0 0 9 0 / 0 0 9 0 / 0 0 0 0
        $codes = [0, 0, 9, 0, 0, 0, 9, 0, 0, 0, 0, 0];
        $edges = CellEdges::of(ColourGrid::ofBytes(
            4,
            3,
            implode('', array_map(fn (int $code): string => str_repeat(chr($code), 3), $codes)),
        ));
        $steps = fn (float $step): array => $edges->crossed(
            [0],
            range(0, 11),
            fn (int $codes): float => $step + $codes,
        );

        $this->assertSame(0.0, $steps(0.0)[3], 'through the gap nothing is crossed');
        $this->assertSame(27.0, $steps(0.0)[2]);
        $this->assertSame(7.0, $steps(1.0)[3], 'seven cells round the wall');
        $this->assertSame(INF, $edges->crossed([0], [1], fn (int $codes): float => 1.0)[3], 'nobody goes there');
    }
}
