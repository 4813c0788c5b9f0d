<?php

declare(strict_types=1);

namespace Tests\Core\Raster;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Raster\ColourGrid;
use TruePupil\Core\Raster\GreyGrid;

final class GridsTest extends TestCase
{
    public function test_halved_takes_the_mean_of_four_and_leaves_out_an_odd_rest(): void
    {
        $half = GreyGrid::of(5, 2, [1.0, 3.0, 10.0, 20.0, 99.0, 5.0, 7.0, 30.0, 40.0, 99.0])->halved();

        $this->assertSame([2, 1, [4.0, 25.0]], [$half->columns, $half->rows, $half->cells]);
        $this->assertSame([8.0], GreyGrid::of(1, 1, [8.0])->halved()->cells, 'one cell stays');
        $this->assertSame([6.0], GreyGrid::of(1, 2, [4.0, 8.0])->halved()->cells);
    }

    public function test_blocks_hold_the_mean_of_their_cells_channel_by_channel(): void
    {
        // Two blocks of 2 × 2 cells, and a column and a row that fill no block.
        $reds = [[10, 20, 255, 254, 7], [30, 40, 253, 250, 7], [9, 9, 9, 9, 9]];
        $bytes = '';
        foreach ($reds as $row) {
            foreach ($row as $red) {
                $bytes .= chr($red).chr(255 - $red).chr(intdiv($red, 2));
            }
        }
        $reduced = ColourGrid::ofBytes(5, 3, $bytes)->reduced(2);

        $this->assertSame([2, 1], [$reduced->columns, $reduced->rows]);
        $this->assertSame([25, 230, 12, 253, 2, 126], array_values((array) unpack('C*', $reduced->bytes)));
    }

    public function test_a_block_of_any_size_adds_up(): void
    {
        // 600 cells at the top of the scale in one line are more than 16 bits hold.
        $grid = ColourGrid::ofBytes(600, 2, str_repeat("\xff\x80\x01", 1200));

        $this->assertSame("\xff\x80\x01", $grid->reduced(1)->bytes);
    }

    public function test_as_many_columns_as_there_are_change_nothing(): void
    {
        $grid = ColourGrid::ofBytes(3, 1, 'abcdefghi');

        $this->assertSame($grid, $grid->reduced(3));
        $this->assertSame($grid, $grid->reduced(2), 'a block is a whole number of cells');
        $this->assertSame(1, $grid->reduced(1)->columns);
        $this->assertSame($grid->reduced(1), $grid->reduced(1));
    }

    public function test_grey_weighs_the_channels_as_luminance_does(): void
    {
        $grey = ColourGrid::ofBytes(4, 1, "\xff\0\0\0\xff\0\0\0\xff\xff\xff\xff")->grey();

        $this->assertEqualsWithDelta([0.2126 * 255, 0.7152 * 255, 0.0722 * 255, 255.0], $grey->cells, 1e-9);
    }

    public function test_a_ramp_has_its_own_slope_everywhere_but_at_the_border(): void
    {
        // Three codes a cell to the right, five downwards.
        [$columns, $rows] = [5, 4];
        $cells = [];
        for ($y = 0; $y < $rows; $y++) {
            for ($x = 0; $x < $columns; $x++) {
                $cells[] = 3.0 * $x + 5.0 * $y;
            }
        }
        [$across, $down] = GreyGrid::of($columns, $rows, $cells)->slopes();
        foreach ($cells as $i => $_) {
            [$x, $y] = [$i % $columns, intdiv($i, $columns)];
            $isInside = $x > 0 && $y > 0 && $x < $columns - 1 && $y < $rows - 1;
            $this->assertSame($isInside ? [3.0, 5.0] : [0.0, 0.0], [$across[$i], $down[$i]], "$x, $y");
        }
    }

    public function test_the_neighbours_of_a_bright_cell_see_it_by_the_weights_of_the_operator(): void
    {
        $cells = array_fill(0, 25, 0.0);
        $cells[12] = 80.0;
        [$across, $down] = GreyGrid::of(5, 5, $cells)->slopes();

        $this->assertSame([10.0, 0.0, -10.0], array_slice($across, 6, 3));
        $this->assertSame([20.0, 0.0, -20.0], array_slice($across, 11, 3));
        $this->assertSame([10.0, 20.0, 10.0], array_slice($down, 6, 3));
        $this->assertSame([-10.0, -20.0, -10.0], array_slice($down, 16, 3));
    }

    public function test_a_grid_too_narrow_for_neighbours_has_no_slopes(): void
    {
        foreach ([[1, 4], [2, 4], [4, 2], [1, 1]] as [$columns, $rows]) {
            $none = array_fill(0, $columns * $rows, 0.0);
            $cells = array_map(floatval(...), range(1, $columns * $rows));
            $this->assertSame([$none, $none], GreyGrid::of($columns, $rows, $cells)->slopes());
        }
    }
}
