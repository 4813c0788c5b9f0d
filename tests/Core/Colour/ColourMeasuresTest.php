<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use PHPUnit\Framework\TestCase;
use Tests\Core\Grids;
use TruePupil\Core\Colour\ColourMeasures;
use TruePupil\Core\Tone\Srgb;

final class ColourMeasuresTest extends TestCase
{
    public function test_a_known_cast_is_measured_back_in_stops(): void
    {
        // Grey with half a stop more red than blue.
        $code = fn (float $linear): float => 255 * Srgb::encoded($linear);
        $cast = ColourMeasures::of(
            Grids::paint(fn (): array => [$code(0.18 * 2 ** 0.25), $code(0.18), $code(0.18 * 2 ** -0.25)], 96, 64),
        )->cast;

        $this->assertEqualsWithDelta(0.5, $cast['warm'] ?? 0, 0.05);
        $this->assertEqualsWithDelta(0.0, $cast['green'] ?? 1, 0.05);
        $this->assertEqualsWithDelta(
            0.0,
            ColourMeasures::of(Grids::grey(fn (): float => 118.0, 96, 64))->cast['warm'] ?? 1,
            0.02,
        );
        $this->assertNull(
            ColourMeasures::of(Grids::paint(fn (): array => [200.0, 20.0, 20.0], 96, 64))->cast,
            'where nothing is neutral nobody can tell',
        );
    }

    public function test_one_hue_that_rules_and_too_much_of_it(): void
    {
        $colour = ColourMeasures::of(
            Grids::paint(fn (float $x): array => $x < 0.3 ? [250.0, 8.0, 8.0] : [120.0, 100.0, 60.0], 96, 64),
        );

        $this->assertEqualsWithDelta(30.0, $colour->overSaturatedPct, 1.5);
        $this->assertSame('red', $colour->dominant['hue'] ?? null);
        $this->assertNull(ColourMeasures::of(Grids::grey(fn (): float => 118.0, 96, 64))->dominant);
    }

    public function test_dark_corners_in_stops(): void
    {
        $code = fn (float $linear): float => 255 * Srgb::encoded($linear);
        $grid = Grids::grey(
            fn (float $x, float $y): float => $code(0.3 * 2 ** ((-2 * (($x - 0.5) ** 2 + ($y - 0.5) ** 2)) / 0.5)),
            96,
            64,
        );

        $this->assertEqualsWithDelta(-1.6, ColourMeasures::of($grid)->cornerStops, 0.25);
        $this->assertEqualsWithDelta(
            0.0,
            ColourMeasures::of(Grids::grey(fn (): float => 118.0, 96, 64))->cornerStops,
            0.01,
        );
    }
}
