<?php

declare(strict_types=1);

namespace Tests\Core\Metering;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Metering\LuminanceGrid;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Metering\PatternMeter;

/** The weights of the patterns, one by one, on frames whose answer is worked out by hand. */
final class PatternWeightsTest extends TestCase
{
    private const GROUND = 0.18;

    public function test_the_focus_point_counts_three_times(): void
    {
        // Three cells a frame height apart: the outer ones are out of the bell's reach.
        $meter = new PatternMeter(LuminanceGrid::of(3, 1, [0.18, 0.72, 0.18]));

        $this->assertEqualsWithDelta(
            log((3 * 0.72 + 2 * 0.18) / 5 / 0.18, 2),
            $meter->verdict(MeteringPattern::Scene)?->value,
            1e-5,
        );
    }

    public function test_the_bell_is_a_quarter_of_the_frame_height_wide(): void
    {
        // Cells a quarter of the height apart; beside the focus point two e-ths of the extra weight are left.
        $this->assertEqualsWithDelta((1 + 2 / M_E) / 3, $this->weight(5, 1.0) / $this->weight(4, 1.0), 1e-6);
    }

    public function test_a_lamp_three_stops_over_the_median_counts_half(): void
    {
        $below = self::GROUND * 2 ** 2.9;
        $above = self::GROUND * 2 ** 3.1;
        $far = 11;

        $this->assertEqualsWithDelta(0.5, $this->weight($far, $above) / $this->weight($far, $below), 0.01);
    }

    public function test_highlight_weighting_hears_a_twentieth(): void
    {
        $verdict = fn (int $bright): ?float => (new PatternMeter(
            LuminanceGrid::of(
                20,
                10,
                array_map(fn (int $cell): float => $cell < $bright ? 0.72 : 0.09, range(0, 199)),
            ),
        ))->verdict(MeteringPattern::Highlight)?->value;

        $this->assertEqualsWithDelta(0.0, $verdict(10), 1e-6, 'two stops over mid-grey is their place');
        $this->assertEqualsWithDelta(log((9 * 0.72 + 0.09) / 10 / 0.18, 2) - 2, $verdict(9), 1e-6);
        $this->assertEqualsWithDelta(0.0, $verdict(30), 1e-6);
    }

    public function test_the_spot_reaches_to_its_edge(): void
    {
        $radius = sqrt((0.025 * 1.5) / M_PI);
        $cells = [];
        for ($row = 0; $row < 80; $row++) {
            for ($column = 0; $column < 120; $column++) {
                $from = hypot(($column + 0.5) / 80 - 0.75, ($row + 0.5) / 80 - 0.5);
                $cells[] = $from > 0.9 * $radius ? 0.72 : 0.18;
            }
        }

        $this->assertGreaterThan(
            0.3,
            (new PatternMeter(LuminanceGrid::of(120, 80, $cells)))->verdict(MeteringPattern::Spot)?->value,
        );
    }

    /** Weight of one bright cell of twelve in a row of four, against all the weight there is. */
    private function weight(int $column, float $luminance): float
    {
        $cells = array_fill(0, 48, self::GROUND);
        $cells[12 + $column] = $luminance;
        // The middle of the fifth cell of the second row.
        $meter = new PatternMeter(LuminanceGrid::of(12, 4, $cells), ['x' => 4.5 / 12, 'y' => 1.5 / 4]);
        $mean = 0.18 * 2 ** ($meter->verdict(MeteringPattern::Scene)->value ?? 0.0);

        return ($mean - self::GROUND) / ($luminance - self::GROUND);
    }
}
