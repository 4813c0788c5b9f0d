<?php

declare(strict_types=1);

namespace Tests\Core\Series;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Series\TwoSpots;

final class TwoSpotsTest extends TestCase
{
    public function test_one_frame_holds_what_the_sensor_holds_and_no_third_more(): void
    {
        $spots = fn (float $dark): TwoSpots => new TwoSpots(Ev100::of($dark), Ev100::of(15));
        $this->assertSame(9.0, $spots(6)->range()->value);
        $this->assertCount(1, $spots(6)->exposures(9.0, 2.5, 2.0));
        $this->assertCount(2, $spots(5.66)->exposures(9.0, 2.5, 2.0));
        $this->assertCount(2, $spots(4)->exposures(9.0, 2.5, 2.0));
        $this->assertCount(3, $spots(3.9)->exposures(9.0, 2.5, 2.0));
    }

    public function test_the_frames_reach_from_the_bright_place_to_the_dark_one(): void
    {
        $scenes = [[3.0, 9.0, 2.5, 2.0], [-2.0, 8.0, 3.0, 1.0], [9.0, 10.0, 2.0, 2.0]];
        foreach ($scenes as [$dark, $usable, $head, $step]) {
            $exposures = array_map(
                fn (Ev100 $one): float => $one->value,
                (new TwoSpots(Ev100::of($dark), Ev100::of(15)))->exposures($usable, $head, $step),
            );
            // The bright place lies as far above mid-grey as is held, and never further.
            $this->assertEqualsWithDelta($head, 15 - $exposures[0], 1e-9);
            // The dark one is held by the last frame, and by none before it.
            $lies = array_map(fn (float $exposure): float => $dark - $exposure, $exposures);
            $this->assertGreaterThanOrEqual($head - $usable - 1e-9, end($lies));
            foreach (array_slice($lies, 0, -1) as $before) {
                $this->assertLessThan($head - $usable, $before);
            }
            foreach (array_slice($exposures, 1) as $index => $exposure) {
                $this->assertEqualsWithDelta($step, $exposures[$index] - $exposure, 1e-9);
            }
        }
    }

    public function test_what_makes_no_sense_is_told(): void
    {
        foreach ([fn () => new TwoSpots(Ev100::of(8), Ev100::of(8)),
            fn () => (new TwoSpots(Ev100::of(4), Ev100::of(8)))->exposures(9.0, 0.0, 1.0),
            fn () => (new TwoSpots(Ev100::of(4), Ev100::of(8)))->exposures(9.0, 9.0, 1.0),
            fn () => (new TwoSpots(Ev100::of(4), Ev100::of(8)))->exposures(9.0, 2.0, 0.0)] as $wrong) {
            try {
                $wrong();
                $this->fail('it was taken');
            } catch (InvalidArgumentException $problem) {
                $this->assertNotSame('', $problem->getMessage());
            }
        }
    }
}
