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

    public function test_dark_upper_corners_in_stops_on_plain_ground_only(): void
    {
        $code = fn (float $linear): float => 255 * Srgb::encoded($linear);
        // A sky that falls off by 2 stops towards either corner; ground below.
        $sky = fn (float $left, float $right, float $rough = 0.0): float => ColourMeasures::of(
            Grids::grey(
                fn (float $x, float $y): float => $y > 0.5
                    ? 40.0
                    : $code(0.5 * 2 ** (-($x < 0.5 ? $left : $right) * (2 * $x - 1) ** 4 - $rough * sin(90 * $x))),
                96,
                64,
            ),
        )->cornerStops;

        // The mean of (2x − 1)⁴ over the outer tenth is 0.67.
        $this->assertEqualsWithDelta(-2.0 * 0.67, $sky(2.0, 2.0), 0.1);
        $this->assertSame(0.0, $sky(2.0, 0.0), 'one side alone is the scene');
        $this->assertSame(0.0, $sky(2.0, 2.0, 1.5), 'leaves are not plain');
        $this->assertSame(0.0, $sky(-1.0, -1.0), 'brighter corners are not dark ones');
        $this->assertEqualsWithDelta(0.0, $sky(0.0, 0.0), 0.01);
    }

    public function test_a_cast_of_more_than_a_stop_is_the_strongest_and_not_none(): void
    {
        // Greys from dark to bright under light with so many stops more of red than of blue.
        $under = fn (float $stops): ?array => ColourMeasures::of(
            Grids::paint(
                fn (float $x, float $y): array => array_map(
                    fn (float $gain): float => 255 * Srgb::encoded((0.08 + 0.3 * $x) * 2 ** $gain),
                    [$stops / 2, 0.0, -$stops / 2],
                ),
                96,
                64,
            ),
        )->cast;

        $this->assertEqualsWithDelta(1.5, $under(1.5)['warm'] ?? 0, 0.1);
        $this->assertEqualsWithDelta(-1.8, $under(-1.8)['warm'] ?? 0, 0.1);
        $this->assertNull(
            ColourMeasures::of(
                Grids::paint(
                    fn (float $x): array => $x < 0.5 ? [190.0, 150.0, 105.0] : [110.0, 150.0, 200.0],
                    96,
                    64,
                ),
            )->cast,
            'things of several colours',
        );
    }

    public function test_blue_in_the_bright_part_alone_is_no_cast(): void
    {
        $cast = fn (array $above, array $below): float => ColourMeasures::of(
            Grids::paint(fn (float $x, float $y): array => $y < 0.5 ? $above : $below, 96, 64),
        )->cast['warm'] ?? 0.0;

        $this->assertSame(0.0, $cast([170.0, 190.0, 220.0], [90.0, 90.0, 90.0]), 'a hazy sky over grey stone');
        $this->assertLessThan(-0.5, $cast([170.0, 190.0, 220.0], [70.0, 80.0, 95.0]), 'shade tints both');
    }
}
