<?php

declare(strict_types=1);

namespace Tests\Core\Tone;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Raster\GreyGrid;
use TruePupil\Core\Tone\Halo;

final class HaloTest extends TestCase
{
    public function test_a_clean_edge_has_none(): void
    {
        $this->assertSame(0.0, $this->edge(0.0, 0.0));
    }

    /** The overshoot that was put in comes back within 2 % of the step. */
    public function test_a_known_overshoot_is_measured_back(): void
    {
        foreach ([0.05, 0.1, 0.2] as $share) {
            $this->assertEqualsWithDelta($share, $this->edge($share, $share), 0.02);
        }
    }

    public function test_the_bright_side_may_lie_on_either_side(): void
    {
        $this->assertEqualsWithDelta((float) $this->edge(0.1, 0.1), $this->edge(0.1, 0.1, flipped: true), 1e-6);
    }

    public function test_it_is_found_along_level_edges_too(): void
    {
        $this->assertEqualsWithDelta(0.1, $this->edge(0.1, 0.1, level: true), 0.02);
    }

    /** A sky that brightens towards a plain ridge is no halo. */
    public function test_one_side_alone_is_none(): void
    {
        $this->assertLessThan(0.01, $this->edge(0.2, 0.0));
        $this->assertLessThan(0.01, $this->edge(0.0, 0.2));
    }

    public function test_without_edges_nothing_is_said(): void
    {
        $this->assertNull(Halo::strength(GreyGrid::of(192, 128, array_fill(0, 192 * 128, 90.0))));
    }

    public function test_rough_ground_says_nothing(): void
    {
        $cells = [];
        for ($i = 0; $i < 192 * 128; $i++) {
            $cells[] = ($i % 192 < 96 ? 60.0 : 180.0) + 25 * ((($i * 7919) % 3) - 1);
        }

        $this->assertNull(Halo::strength(GreyGrid::of(192, 128, $cells)));
    }

    /** An edge from 70 to 170 with an overshoot that fades out over eight cells. */
    private function edge(float $bright, float $dark, bool $flipped = false, bool $level = false): ?float
    {
        $cells = [];
        for ($y = 0; $y < 128; $y++) {
            for ($x = 0; $x < 192; $x++) {
                $from = $level ? $y - 63.5 : $x - 95.5;
                $from = $flipped ? -$from : $from;
                $fade = max(0.0, min(1.0, (8 - abs($from)) / 4));
                $cells[] = $from > 0 ? 170 + 100 * $bright * $fade : 70 - 100 * $dark * $fade;
            }
        }

        return Halo::strength(GreyGrid::of(192, 128, $cells));
    }
}
