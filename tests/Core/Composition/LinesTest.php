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
    public function test_a_level_line_is_found_with_its_angle_place_and_length(float $degrees): void
    {
        $line = Lines::of(Grids::horizon($degrees)->grey())->lines[0];

        $this->assertFalse($line['upright']);
        $this->assertEqualsWithDelta($degrees, $line['angle'], 0.3);
        $this->assertEqualsWithDelta(0.55, $line['at'], 0.01);
        $this->assertGreaterThan(0.9, $line['length']);
    }

    /** @return list<array{float}> */
    public static function angles(): array
    {
        return [[0.0], [0.5], [-0.8], [1.7], [-3.0], [5.0], [-8.0]];
    }

    #[DataProvider('angles')]
    public function test_upright_lines_are_found_with_theirs(float $degrees): void
    {
        $slope = tan(deg2rad($degrees));
        // Doors: a clockwise turn leans their tops to the right.
        $lines = Lines::of(
            Grids::grey(
                fn (float $x, float $y): float => fmod(
                    floor(($x * Grids::COLUMNS + $slope * ($y - 0.5) * Grids::ROWS) / 64) + 10,
                    2,
                ) === 0.0
                    ? 70.0
                    : 180.0,
            )->grey(),
        )->lines;

        $this->assertGreaterThanOrEqual(5, count($lines));
        foreach ($lines as $line) {
            $this->assertTrue($line['upright']);
            $this->assertEqualsWithDelta($degrees, $line['angle'], 0.5);
        }
    }

    public function test_a_picture_without_lines_has_none(): void
    {
        $this->assertSame(
            [],
            Lines::of(
                Grids::grey(fn (float $x, float $y): float => 120 + 40 * sin(9 * $x) * cos(7 * $y))->grey(),
            )->lines,
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
