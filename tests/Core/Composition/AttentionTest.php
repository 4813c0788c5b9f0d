<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use PHPUnit\Framework\TestCase;
use Tests\Core\Grids;
use TruePupil\Core\Composition\Attention;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Raster\ColourGrid;

final class AttentionTest extends TestCase
{
    public function test_a_spot_on_a_plain_ground_draws_the_eye(): void
    {
        $attention = Attention::of($this->spots([[0.7, 0.3]]));

        $this->assertEqualsWithDelta(0.7, $attention->peaks[0]['x'], 0.05);
        $this->assertEqualsWithDelta(0.3, $attention->peaks[0]['y'], 0.05);
        $this->assertGreaterThan(0.5, $attention->balance['x']);
        $this->assertEqualsWithDelta(1.0, array_sum($attention->map), 1e-6);
    }

    public function test_what_is_sharp_draws_the_eye_from_what_is_soft(): void
    {
        $two = $this->spots([[0.3, 0.5], [0.7, 0.5]]);
        $columns = Attention::columns();
        $sharpOn = fn (float $x): array => array_map(
            fn (int $cell): float => abs((($cell % $columns) + 0.5) / $columns - $x) < 0.1 ? 1.0 : 0.0,
            range(0, Attention::columns() * Attention::rows() - 1),
        );

        foreach ([0.3, 0.7] as $x) {
            $attention = Attention::of($two, $sharpOn($x));
            $this->assertEqualsWithDelta($x, $attention->peaks[0]['x'], 0.05);
            $this->assertLessThan(0.5, $attention->peaks[1]['weight'] ?? 0.0);
        }
    }

    public function test_the_border_and_the_corners_draw_less_than_the_middle(): void
    {
        $even = array_fill(0, Attention::columns() * Attention::rows(), 1.0);
        $attention = Attention::of($this->spots([[0.04, 0.5], [0.45, 0.5]]), $even);

        $this->assertEqualsWithDelta(0.45, $attention->peaks[0]['x'], 0.05);
        $this->assertLessThan(0.6, $attention->peaks[1]['weight'] ?? 0.0);
    }

    public function test_two_spots_compete_and_one_does_not(): void
    {
        $two = Attention::of($this->spots([[0.2, 0.4], [0.8, 0.6]]))->peaks;

        $this->assertGreaterThan(0.6, $two[1]['weight'] ?? 0.0);
        $this->assertLessThan(0.6, Attention::of($this->spots([[0.3, 0.5]]))->peaks[1]['weight'] ?? 0.0);
    }

    public function test_colour_alone_draws_too(): void
    {
        // The same grey, in red on green.
        $grid = Grids::paint(
            fn (float $x, float $y): array => hypot(($x - 0.3) * 1.5, $y - 0.6) < 0.07
                ? [180.0, 90.0, 100.0]
                : [90.0, 125.0, 100.0],
            192,
            128,
        );

        $this->assertEqualsWithDelta(0.3, Attention::of($grid)->peaks[0]['x'], 0.06);
    }

    public function test_shares_add_up_and_a_plain_picture_has_no_centre(): void
    {
        $attention = Attention::of($this->spots([[0.7, 0.3]]));
        $left = $attention->shareIn(Region::of(0, 0, 0.5, 1));

        $this->assertEqualsWithDelta(1.0, $left + $attention->shareIn(Region::of(0.5, 0, 0.5, 1)), 1e-6);
        $this->assertLessThan(0.4, $left);
        $plain = Attention::of(Grids::grey(fn (): float => 120.0, 96, 64));
        $this->assertEqualsWithDelta(0.5, $plain->balance['x'], 0.02);
    }

    /** @param  list<array{float, float}>  $places */
    private function spots(array $places): ColourGrid
    {
        return Grids::grey(
            function (float $x, float $y) use ($places): float {
                foreach ($places as [$u, $v]) {
                    if (hypot(($x - $u) * 1.5, $y - $v) < 0.06) {
                        return 230.0;
                    }
                }

                return 90.0;
            },
            192,
            128,
        );
    }
}
