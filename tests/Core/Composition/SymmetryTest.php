<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Grids;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\Symmetry;

final class SymmetryTest extends TestCase
{
    #[DataProvider('axes')]
    public function test_the_axis_is_found_within_a_hundredth_of_the_width(float $axis): void
    {
        $grid = Grids::grey(
            fn (float $x, float $y): float => 128 + 90 * cos(14 * ($x - $axis)) * (0.4 + 0.6 * $y),
            128,
            85,
        );
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
        $this->assertLessThan(
            0.3,
            Symmetry::of(Grids::grey(fn (float $x, float $y): float => 40 + 160 * $x, 128, 85)->grey())->score,
        );
        $this->assertSame(0.0, Symmetry::of(Grids::grey(fn (): float => 90.0, 64, 40)->grey())->score);
    }

    public function test_sky_over_ground_does_not_count_as_its_own_mirror_image(): void
    {
        $layers = fn (float $y): float => $y < 0.4 ? 210 - 60 * $y : 70 + 20 * sin(30 * $y);
        $place = fn (callable $more): Symmetry => Symmetry::of(
            Grids::grey(fn (float $x, float $y): float => $layers($y) + $more($x, $y), 128, 85)->grey(),
        );
        $lopsided = fn (float $x, float $y): float => 25 * sin(21 * $x + 9 * $y) * cos(13 * $x * $y);

        $this->assertLessThan(0.4, $place($lopsided)->best);
        $this->assertGreaterThan(0.95, $place(fn (float $x, float $y): float => $lopsided(abs($x - 0.5), $y))->score);
        $this->assertLessThan(
            0.4,
            Symmetry::aboutLine(
                Grids::grey(fn (float $x, float $y): float => $layers($y) + $lopsided($x, $y), 128, 85)->grey(),
                Mark::of(MarkKind::Axis, [[0.5, 0.0], [0.5, 1.0]]),
            )['score'],
        );
    }

    public function test_about_a_level_and_about_a_slanting_axis(): void
    {
        // Water that mirrors what stands above a line at 0.6 of the height.
        $above = fn (float $x, float $y): float => 120 + 70 * sin(23 * $x + 5 * $y) * cos(17 * $y - 4 * $x);
        $lake = Grids::grey(fn (float $x, float $y): float => $above($x, $y < 0.6 ? $y : 1.2 - $y), 128, 85)->grey();

        $found = Symmetry::aboutLine($lake, Mark::of(MarkKind::Axis, [[0.1, 0.6], [0.9, 0.6]]));
        $this->assertGreaterThan(0.95, $found['score']);
        $this->assertEqualsWithDelta(0.0, $found['offPct'], 1.0);
        $beside = Symmetry::aboutLine($lake, Mark::of(MarkKind::Axis, [[0.1, 0.55], [0.9, 0.55]]));
        $this->assertEqualsWithDelta(
            (100 * 0.05 * 85) / 128,
            $beside['offPct'],
            1.0,
            'the true axis lies below the marked one',
        );

        // Mirrored across the diagonal of a square.
        $square = Grids::grey(fn (float $x, float $y): float => $above(max($x, $y), min($x, $y)), 96, 96)->grey();
        $this->assertGreaterThan(
            0.95,
            Symmetry::aboutLine($square, Mark::of(MarkKind::Axis, [[0.0, 0.0], [1.0, 1.0]]))['score'],
        );
        $this->assertLessThan(
            0.5,
            Symmetry::aboutLine($square, Mark::of(MarkKind::Axis, [[0.5, 0.0], [0.5, 1.0]]))['score'],
        );
    }
}
