<?php

declare(strict_types=1);

namespace Tests\Core\Tone;

use PHPUnit\Framework\TestCase;
use Tests\Core\Grids;
use TruePupil\Core\Raster\ColourGrid;
use TruePupil\Core\Tone\GraduatedEdge;
use TruePupil\Core\Tone\Srgb;

final class GraduatedEdgeTest extends TestCase
{
    public function test_a_step_through_everything_is_a_filter_edge(): void
    {
        $edge = GraduatedEdge::in($this->scene(fn (float $y): float => $y < 0.4 ? -1.5 : 0.0));

        $this->assertEqualsWithDelta(1.5, $edge?->stops, 0.15);
        $this->assertEqualsWithDelta(0.4, $edge?->at, 0.05);
    }

    public function test_a_soft_gradient_is_none(): void
    {
        $this->assertNull(
            GraduatedEdge::in($this->scene(fn (float $y): float => -1.5 * max(0.0, min(1.0, (0.75 - $y) / 0.5)))),
        );
        $this->assertNull(GraduatedEdge::in($this->scene(fn (): float => 0.0)));
    }

    public function test_a_roof_before_a_bright_sky_is_none(): void
    {
        $this->assertNull(
            GraduatedEdge::in(
                Grids::grey(
                    fn (float $x, float $y): float => $y < 0.4 ? 60 + 10 * sin(40 * $x) : 170 + 50 * sin(90 * $x),
                    128,
                    86,
                ),
            ),
        );
        $this->assertNull(
            GraduatedEdge::in(Grids::grey(fn (float $x, float $y): float => $y < 0.4 ? 60.0 : 170.0, 128, 86)),
            'plain above and plain below: a horizon like any other',
        );
    }

    /**
     * Uprights of different tones, darkened by so many stops from place to place.
     *
     * @param  callable(float): float  $stops
     */
    private function scene(callable $stops): ColourGrid
    {
        return Grids::grey(
            fn (float $x, float $y): float => 255 *
                Srgb::encoded(0.35 * 2 ** (1.1 * sin(19 * $x) + 0.08 * sin(40 * $y + 3 * $x) + $stops($y) - 0.4)),
            128,
            86,
        );
    }
}
