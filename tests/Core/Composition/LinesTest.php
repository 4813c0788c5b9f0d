<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Grids;
use TruePupil\Core\Composition\Lines;

final class LinesTest extends TestCase
{
    #[DataProvider('angles')]
    public function test_a_known_tilt_is_measured_back_to_a_third_of_a_degree(float $degrees): void
    {
        $this->assertEqualsWithDelta($degrees, Lines::of(Grids::horizon($degrees)->grey())->tilt(), 0.3);
    }

    /** @return list<array{float}> */
    public static function angles(): array
    {
        return [[0.0], [0.5], [-0.8], [1.7], [-3.0], [5.0], [-8.0]];
    }

    #[DataProvider('angles')]
    public function test_upright_lines_say_it_too(float $degrees): void
    {
        $slope = tan(deg2rad($degrees));
        // Doors: a clockwise turn leans their tops to the right.
        $grid = Grids::grey(
            fn (float $x, float $y): float => fmod(
                floor(($x * Grids::COLUMNS + $slope * ($y - 0.5) * Grids::ROWS) / 64) + 10,
                2,
            ) === 0.0
                ? 70.0
                : 180.0,
        );

        $this->assertEqualsWithDelta($degrees, Lines::of($grid->grey())->tilt(), 0.3);
    }

    public function test_a_picture_without_lines_says_nothing(): void
    {
        $this->assertNull(
            Lines::of(
                Grids::grey(fn (float $x, float $y): float => 120 + 40 * sin(9 * $x) * cos(7 * $y))->grey(),
            )->tilt(),
        );
    }

    public function test_verticals_that_meet_above_converge(): void
    {
        // Walls that lean inwards by two degrees at either edge of the frame.
        $grid = Grids::grey(function (float $x, float $y): float {
            $lean = (tan(deg2rad(4.0)) * ($x - 0.5) * ($y - 0.5) * Grids::ROWS) / Grids::COLUMNS;

            return fmod(floor(($x - $lean) * 8) + 10, 2) === 0.0 ? 70.0 : 180.0;
        });

        $this->assertEqualsWithDelta(4.0, Lines::of($grid->grey())->convergence(), 0.8);
        $this->assertEqualsWithDelta(
            0.0,
            Lines::of(
                Grids::grey(fn (float $x): float => fmod(floor($x * 8), 2) === 0.0 ? 70.0 : 180.0)->grey(),
            )->convergence() ?? 0.0,
            0.3,
        );
    }

    public function test_what_straightening_costs(): void
    {
        $this->assertSame(1.0, Lines::keptAfterTurning(0.0, 1.5));
        $this->assertSame(Lines::keptAfterTurning(2.0, 1.5), Lines::keptAfterTurning(-2.0, 1.5));
        // A 3:2 frame turned by θ keeps 1/(cos θ + 1.5 sin θ) of each side.
        $this->assertEqualsWithDelta(
            (1 / (cos(deg2rad(3)) + 1.5 * sin(deg2rad(3)))) ** 2,
            Lines::keptAfterTurning(3.0, 1.5),
            1e-9,
        );
    }
}
