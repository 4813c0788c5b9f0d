<?php

declare(strict_types=1);

namespace Tests\Core\Metering;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Metering\LuminanceGrid;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Metering\PatternMeter;

final class PatternMeterTest extends TestCase
{
    public function test_on_a_plain_grey_every_pattern_agrees(): void
    {
        foreach ([[0.18, 0.0], [0.36, 1.0], [0.045, -2.0]] as [$luminance, $stops]) {
            foreach ((new PatternMeter($this->grid(fn () => $luminance)))->verdicts() as $pattern => $verdict) {
                // Highlight weighting wants the brightest parts two stops up.
                $place = $pattern === 'highlight' ? 2.0 : 0.0;
                $this->assertEqualsWithDelta($stops - $place, $verdict, 1e-6, $pattern);
            }
        }
    }

    public function test_centre_weighting_gives_the_circle_sixty_percent(): void
    {
        // 0.36 in the circle half the frame height across, darkness outside: 0.6 · 0.36 of light.
        $grid = $this->grid(fn (float $x, float $y) => hypot($x - 0.75, $y - 0.5) <= 0.25 ? 0.36 : 0.0);

        $this->assertEqualsWithDelta(
            log((0.6 * 0.36) / 0.18, 2),
            (new PatternMeter($grid))->verdict(MeteringPattern::Centre)?->value,
            1e-6,
        );
    }

    public function test_spot_hears_only_its_own_place(): void
    {
        $grid = $this->grid(fn (float $x, float $y) => $x < 0.5 ? 0.72 : 0.01);
        $left = (new PatternMeter($grid, ['x' => 0.15, 'y' => 0.5]))->verdict(MeteringPattern::Spot);
        $right = (new PatternMeter($grid, ['x' => 0.8, 'y' => 0.5]))->verdict(MeteringPattern::Spot);

        $this->assertEqualsWithDelta(2.0, $left?->value, 1e-6);
        $this->assertEqualsWithDelta(log(0.01 / 0.18, 2), $right?->value, 1e-6);
    }

    public function test_the_spot_covers_two_and_a_half_percent(): void
    {
        // Bright within a circle of just that area, dark right outside: the spot must see brightness only.
        $radius = sqrt((0.025 * 1.5) / M_PI);
        $grid = $this->grid(fn (float $x, float $y) => hypot($x - 0.75, $y - 0.5) <= $radius + 1e-9 ? 0.36 : 0.0);

        $this->assertEqualsWithDelta(1.0, (new PatternMeter($grid))->verdict(MeteringPattern::Spot)?->value, 1e-6);
    }

    public function test_highlight_weighting_follows_the_brightest_and_a_lamp_does_not_rule_the_scene(): void
    {
        $lamp = $this->grid(fn (float $x, float $y) => $x > 1.2 && $y < 0.3 ? 6.0 : 0.18);
        $meter = new PatternMeter($lamp);
        $plainMean = log(array_sum($lamp->cells) / count($lamp->cells) / 0.18, 2);

        $this->assertGreaterThan(2.0, $meter->verdict(MeteringPattern::Highlight)?->value);
        $this->assertLessThan($plainMean, $meter->verdict(MeteringPattern::Scene)?->value);
        $this->assertGreaterThan(0.0, $meter->verdict(MeteringPattern::Scene)?->value);
    }

    public function test_a_pattern_nobody_recorded_has_no_verdict(): void
    {
        $this->assertNull((new PatternMeter($this->grid(fn () => 0.18)))->verdict(MeteringPattern::Unknown));
    }

    public function test_a_grid_must_be_filled(): void
    {
        $this->expectException(InvalidArgumentException::class);
        LuminanceGrid::of(3, 2, [0.1]);
    }

    /** A 3:2 grid; the place is given in frame heights. */
    private function grid(callable $luminance): LuminanceGrid
    {
        $cells = [];
        for ($row = 0; $row < 80; $row++) {
            for ($column = 0; $column < 120; $column++) {
                $cells[] = $luminance(($column + 0.5) / 80, ($row + 0.5) / 80);
            }
        }

        return LuminanceGrid::of(120, 80, $cells);
    }
}
