<?php

declare(strict_types=1);

namespace Tests\Core\PracticeCamera;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Motion\StarTrail;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\PracticeCamera\Crossing;
use TruePupil\Core\PracticeCamera\Fall;
use TruePupil\Core\PracticeCamera\MoonDisc;
use TruePupil\Core\PracticeCamera\RollingShutter;
use TruePupil\Core\PracticeCamera\Shake;
use TruePupil\Core\PracticeCamera\StarField;
use TruePupil\Core\PracticeCamera\Streak;
use TruePupil\Core\PracticeCamera\Trail;
use TruePupil\Core\PracticeCamera\Turning;
use TruePupil\Core\PracticeCamera\Viewpoint;

final class MovementTest extends TestCase
{
    public function test_what_comes_nearer_grows_about_the_middle_and_passes_quicker(): void
    {
        $view = new Viewpoint([0.0, 1.7, 0.0], [0.0, 1.7, 10.0], 36.0);
        $crossing = new Crossing(3.0, 10.0, -4.0, null, 2.0, 20.0, 5.0);
        $this->assertSame([20.0, 15.0, 10.0], array_map($crossing->distanceAt(...), [0.0, 1.0, 2.0]));
        $this->assertSame([0.5, 1.0], array_map($crossing->growth(...), [0.0, 2.0]));
        $this->assertSame(1.0, $crossing->distanceAt(99.0), 'never through the camera');

        // As that point in space falls on the plate: 0.3 m right of its middle, 1.2 m above the eye.
        $pictured = $view->see([0.3, 2.9, 10.0]);
        foreach ([0.0, 0.7, 2.0] as $moment) {
            $space = $view->see([$crossing->at($moment) + 0.3, 2.9, $crossing->distanceAt($moment)]);
            $place = $crossing->place($view, $moment, ['x' => $pictured['x'], 'y' => $pictured['y']]);
            $this->assertEqualsWithDelta($space['x'], $place['x'], 1e-9);
            $this->assertEqualsWithDelta($space['y'], $place['y'], 1e-9);
            // Its pace is the difference of two such places.
            $step = 1e-5;
            $later = $crossing->place($view, $moment + $step, ['x' => 0.5, 'y' => 0.5])['x'];
            $here = $crossing->place($view, $moment, ['x' => 0.5, 'y' => 0.5])['x'];
            $this->assertEqualsWithDelta(($later - $here) / $step, $crossing->across($view, $moment), 1e-4);
        }
    }

    public function test_a_silent_shutter_leans_and_draws_bands(): void
    {
        $this->assertSame(0.0, RollingShutter::lean(2.0, 0.5));
        $this->assertEqualsWithDelta(2.0 / 30, RollingShutter::lean(2.0, 1.0) - RollingShutter::lean(2.0, 0.0), 1e-12);
        $this->assertLessThan(0.0, RollingShutter::lean(2.0, 0.0), 'the top row is read before it has come as far');

        // A whole pulse, or several, is the same light for every row; a steady lamp always is.
        foreach ([1 / 100, 3 / 100] as $seconds) {
            foreach (RollingShutter::rows(60, 0.8, $seconds, 0.3) as $row) {
                $this->assertEqualsWithDelta(1.0, $row, 1e-9);
            }
        }
        $this->assertSame([1.0], array_values(array_unique(RollingShutter::rows(60, 0.0, 1 / 1000, 0.1))));
        $rows = RollingShutter::rows(1000, 0.8, 1 / 2000, 0.0);
        $this->assertEqualsWithDelta(1.8, max($rows), 0.02);
        $this->assertEqualsWithDelta(0.2, min($rows), 0.02);
        // Read in a thirtieth of a second, a hundred pulses a second come to three bands and a third.
        $rises = array_filter(
            range(1, 999),
            fn (int $row): bool => $rows[$row - 1] < 1.0 && $rows[$row] >= 1.0,
        );
        $this->assertCount(3, $rises);
    }

    public function test_a_streak_is_as_long_as_asked_and_has_no_gaps(): void
    {
        foreach ([1.0, 2.4, 7.0, 31.5, 64.0, 213.0, -40.0] as $length) {
            $copies = [0];
            foreach (Streak::shifts($length, $length / 3) as [$right, $down]) {
                $copies = [...$copies, ...array_map(fn (int $at): int => $at + $right, $copies)];
            }
            sort($copies);
            $this->assertEqualsWithDelta(abs($length), end($copies) - $copies[0], 0.51, (string) $length);
            foreach (array_slice($copies, 1) as $index => $at) {
                $this->assertLessThanOrEqual(2, $at - $copies[$index]);
            }
        }
        $this->assertSame([], Streak::shifts(0.3, -0.2));
    }

    public function test_a_point_falls_where_central_projection_puts_it(): void
    {
        $view = new Viewpoint([0, 1.5, -5], [0, 1.5, 0], 36);
        // A 36 mm lens on 36 mm: a metre at five metres takes up a fifth of the width.
        $this->assertEqualsWithDelta(['x' => 0.7, 'y' => 0.5, 'distance' => 5.0], $view->see([1, 1.5, 0]), 1e-9);
        $this->assertEqualsWithDelta(0.5 - 0.2 * 1.5, $view->see([0, 2.5, 0])['y'] ?? null, 1e-9);
        $this->assertNull($view->see([0, 1.5, -6]));
        $this->assertEqualsWithDelta(0.1, $view->widthsPerMetre(10), 1e-12);
        $level = (new Viewpoint([2, 1, 3], [2, 1, 9], 50))->seeDirection([0, 0, 1]);
        $this->assertEqualsWithDelta(['x' => 0.5, 'y' => 0.5], $level, 1e-9);
    }

    public function test_drops_fall_as_gravity_makes_them_and_streak_by_speed_and_time(): void
    {
        $view = new Viewpoint([0, 1, -5], [0, 1, 0], 36);
        $fall = new Fall([0, 2, 0], 0.0, 0.0, 0.0, 0.775, 400, 0.01);
        // From rest through 1.225 m: half a second, give or take nothing.
        $this->assertEqualsWithDelta(0.5, $fall->flight(), 0.001);

        $longest = 0.0;
        $seconds = 1 / 100;
        foreach ($fall->trails($view, 3.0, $seconds, 5000, 1e-4) as $trail) {
            $longest = max($longest, $this->length($trail));
        }
        // The fastest drop moves at g·0.5 s: over a hundredth of a second, a fifth of the frame to the metre at five
        // metres.
        $this->assertEqualsWithDelta(9.81 * 0.5 * $seconds * 0.2 * 1.5, $longest, 0.05 * 9.81 * 0.5 * $seconds * 0.3);
    }

    public function test_as_much_water_is_in_the_air_at_any_time_and_in_any_exposure(): void
    {
        $view = new Viewpoint([0, 1, -5], [0, 1, 0], 36);
        $fall = new Fall([0, 2, 0], 0.0, 0.0, 0.1, 0.775, 2000, 0.01);
        $amount = fn (float $moment, float $seconds, int $most): float => array_sum(
            array_map(
                fn (Trail $trail): float => $trail->amount,
                iterator_to_array($fall->trails($view, $moment, $seconds, $most, 0.01), false),
            ),
        );
        // 2000 drops a second, each half a second in the air: a thousand of them.
        $frozen = ((1000 * M_PI) / 4) * (0.01 * 0.2) ** 2;
        $cases = [
            [1.0, 1 / 4000, 20000],
            [2.2, 1 / 60, 20000],
            [5.0, 2.0, 20000],
            [5.0, 2.0, 900],
        ];
        foreach ($cases as [$moment, $seconds, $most]) {
            $this->assertEqualsWithDelta($frozen, $amount($moment, $seconds, $most), 0.08 * $frozen);
        }
        $drops = fn (): array => iterator_to_array($fall->trails($view, 1.0, 0.01, 500, 0.01), false);
        $this->assertEquals($drops(), $drops(), 'the same moment shows the same drops');
    }

    public function test_stars_trail_as_the_sky_turns(): void
    {
        // Looking straight at the equator of the sky: due south, at 90° less the latitude.
        $view = new Viewpoint([0, 0, 0], [0, tan(deg2rad(43)), 1], 100);
        $field = new StarField(47, 180);
        $longest = 0.0;
        foreach ($field->trails($view, 0, 120, 1e-5) as $trail) {
            $longest = max($longest, $this->length($trail));
        }
        // In pixels of 6 µm the formula for the equator; here in frame widths of 36 mm.
        $expected = (StarTrail::pixels(100, 6, 0, 120) * 0.006) / 36;
        $this->assertEqualsWithDelta($expected, $longest, 0.05 * $expected);
    }

    public function test_half_a_moon_is_half_lit_and_as_wide_as_half_a_degree(): void
    {
        foreach ([0.0, 0.25, 0.5, 0.9, 1.0] as $share) {
            $moon = new MoonDisc([0, 0, 1], $share);
            [$lit, $all] = [0, 0];
            for ($x = -0.995; $x < 1; $x += 0.01) {
                for ($y = -0.995; $y < 1; $y += 0.01) {
                    $all += (int) ($x * $x + $y * $y <= 1);
                    $lit += (int) $moon->isLit($x, $y);
                }
            }
            $this->assertEqualsWithDelta($share, $lit / $all, 0.01);
        }
        $this->assertEqualsWithDelta(
            (((0.52 * M_PI) / 180) * 24) / 36,
            (new MoonDisc([0, 0, 1], 1.0))->diameter(new Viewpoint([0, 0, 0], [0, 0, 1], 24)),
            1e-9,
        );
    }

    public function test_what_crosses_streaks_less_the_more_it_is_followed_and_the_rest_streaks_more(): void
    {
        $view = new Viewpoint([0, 1, -8], [0, 1, 0], 36);
        $crossing = new Crossing(4.0, 8.0, -3.0, 0.0, 2.0);
        $this->assertSame(1.0, $crossing->at(1.0));
        $this->assertEqualsWithDelta(4.0 / 50 / 8, $crossing->streak($view, 1 / 50, 0.0, 1.0), 1e-12);
        $this->assertSame(0.0, $crossing->streak($view, 1 / 50, 1.0, 1.0));
        $this->assertEqualsWithDelta(
            $crossing->streak($view, 1 / 50, 0.0, 1.0),
            -$crossing->backgroundStreak($view, 1 / 50, 1.0, 1.0),
            1e-12,
        );
        $this->assertSame([8.0, 1.0], [$crossing->distanceAt(1.5), $crossing->growth(1.5)], 'it keeps its distance');
        $this->assertEqualsWithDelta(0.2, (new Turning(1.6))->phase(2.0), 1e-9);
        $this->assertEqualsWithDelta(0.4, (new Turning(1.6))->turns(0.25), 1e-9);
    }

    public function test_hands_shake_by_a_circle_of_confusion_at_their_limit_and_in_proportion_to_time(): void
    {
        $format = SensorFormat::fullFrame();
        $lengths = [];
        for ($seed = 0; $seed < 300; $seed++) {
            $limit = HandHeldLimit::of(50, $format, 2)->seconds;
            $shake = Shake::byHand(50, $format, 2, $limit, $seed);
            $lengths[] = $length = hypot($shake->right, $shake->down);
            $longer = Shake::byHand(50, $format, 2, 4 * $limit, $seed);
            $this->assertEqualsWithDelta(4 * $length, hypot($longer->right, $longer->down), 1e-9);
        }
        $this->assertEqualsWithDelta(
            $format->circleOfConfusion(),
            array_sum($lengths) / 300,
            0.05 * $format->circleOfConfusion(),
        );
        $this->assertGreaterThan(1.5, max($lengths) / min($lengths), 'no press is like the other');
        $this->assertSame(0.0, Shake::none()->right);
    }

    /** In frame widths. */
    private function length(Trail $trail): float
    {
        $points = $trail->points;
        $last = end($points);
        // Points stand in the middle of equal stretches.
        $count = count($points);

        return $count < 2 ? 0.0 : (hypot($last[0] - $points[0][0], $last[1] - $points[0][1]) * $count) / ($count - 1);
    }
}
