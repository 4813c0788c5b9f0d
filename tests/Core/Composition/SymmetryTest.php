<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Grids;
use TruePupil\Core\Composition\Symmetry;

final class SymmetryTest extends TestCase
{
    #[DataProvider('axes')]
    public function test_the_axis_is_found_within_a_hundredth_of_the_width(float $axis): void
    {
        $grid = Grids::grey(fn (float $x, float $y): float => 128 + 90 * cos(14 * ($x - $axis)) * (0.4 + 0.6 * $y), 128, 85);
        $symmetry = Symmetry::of($grid->grey());

        $this->assertEqualsWithDelta($axis, $symmetry->axis, 0.01);
        $this->assertGreaterThan(0.97, $symmetry->best);
    }

    /** @return list<array{float}> */
    public static function axes(): array
    {
        return [[0.5], [0.47], [0.53], [0.41]];
    }

    public function test_a_lopsided_picture_is_not_symmetrical(): void
    {
        $this->assertLessThan(0.3, Symmetry::of(Grids::grey(fn (float $x, float $y): float => 40 + 160 * $x, 128, 85)->grey())->score);
        $this->assertSame(0.0, Symmetry::of(Grids::grey(fn (): float => 90.0, 64, 40)->grey())->score);
    }
}
