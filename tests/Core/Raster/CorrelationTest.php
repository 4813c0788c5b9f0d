<?php

declare(strict_types=1);

namespace Tests\Core\Raster;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Raster\Correlation;
use TruePupil\Core\Raster\GreyGrid;

final class CorrelationTest extends TestCase
{
    public function test_it_is_one_for_the_same_picture_darker_and_minus_one_for_its_negative(): void
    {
        $pair = fn (callable $other): Correlation => new Correlation(
            self::grid(fn (int $x, int $y): float => $x * $x + 3.0 * $y),
            self::grid($other),
        );

        $this->assertEqualsWithDelta(
            1,
            $pair(fn (int $x, int $y): float => 0.5 * ($x * $x + 3 * $y) + 9)->at(0, 0, 1, 1),
            1e-9,
        );
        $this->assertEqualsWithDelta(
            -1,
            $pair(fn (int $x, int $y): float => 200 - $x * $x - 3 * $y)->at(0, 0, 1, 1),
            1e-9,
        );
        $this->assertSame(0.0, $pair(fn (): float => 40.0)->at(0, 0, 1, 1), 'a plain picture is like nothing');
    }

    public function test_a_moved_picture_is_alike_where_it_was_moved_to(): void
    {
        $pair = new Correlation(
            self::grid(fn (int $x, int $y): float => 100 * sin($x * 1.3 + $y * $y)),
            self::grid(fn (int $x, int $y): float => 100 * sin(($x - 2) * 1.3 + ($y + 1) ** 2)),
        );

        $this->assertEqualsWithDelta(1, $pair->at(2, -1, 1, 1), 1e-9);
        $this->assertEqualsWithDelta(1, $pair->at(2, -1, 2, 2), 1e-9, 'every second cell says the same');
        $this->assertLessThan(0.9, $pair->at(1, -1, 1, 1));
    }

    public function test_twenty_cells_in_common_are_enough_and_nineteen_are_not(): void
    {
        $same = self::grid(fn (int $x, int $y): float => 7.0 * $x + $y);
        $pair = new Correlation($same, $same);

        $this->assertGreaterThan(0.5, $pair->at(10, 0, 1, 1), 'two columns of ten');
        $this->assertSame(0.0, $pair->at(11, 0, 1, 1), 'one column of ten');
        $this->assertSame(0.0, $pair->at(13, 0, 1, 1), 'none');
    }

    /** @param  callable(int, int): float  $value */
    private static function grid(callable $value): GreyGrid
    {
        $cells = [];
        for ($y = 0; $y < 10; $y++) {
            for ($x = 0; $x < 12; $x++) {
                $cells[] = $value($x, $y);
            }
        }

        return GreyGrid::of(12, 10, $cells);
    }
}
