<?php

declare(strict_types=1);

namespace Tests\Core\Optics;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Optics\CloseUp;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\FocusPlan;
use TruePupil\Core\Optics\FocusStack;
use TruePupil\Core\Optics\InvalidOptics;
use TruePupil\Core\Optics\RectilinearStretch;
use TruePupil\Core\Optics\SensorFormat;

final class FocusTest extends TestCase
{
    public function test_focus_for_two_limits_is_their_harmonic_mean_and_its_f_number_just_holds_both(): void
    {
        $this->assertEqualsWithDelta(3.2, FocusPlan::forLimits(2, 8, 24, 0.03)->distance, 1e-9);
        mt_srand($seed = 4711);
        for ($case = 0; $case < 400; $case++) {
            $f = (float) mt_rand(12, 300);
            $near = ($f / 1000) * 2 + mt_rand(1, 800) / 100;
            $far = $near * (1 + mt_rand(1, 400) / 100);
            $plan = FocusPlan::forLimits($near, $far, $f, 0.02);
            $depth = DepthOfField::of($f, $plan->fNumber, $plan->distance, 0.02);
            $this->assertEqualsWithDelta($near, $depth->near, $near * 1e-6, "seed $seed case $case");
            $this->assertEqualsWithDelta($far, $depth->far ?? INF, $far * 1e-6, "seed $seed case $case");
        }
    }

    public function test_to_infinity_one_focuses_at_twice_the_near_limit(): void
    {
        $plan = FocusPlan::forLimits(1.5, null, 24, 0.03);

        $this->assertEqualsWithDelta(3.0, $plan->distance, 1e-9);
        $this->assertEqualsWithDelta(3.0, DepthOfField::of(24, $plan->fNumber, 3.0, 0.03)->hyperfocal, 0.03);
    }

    public function test_with_the_focus_on_the_subject_the_f_number_holds_both_limits_and_a_wider_one_does_not(): void
    {
        $cases = [
            [50, 3.0, 2.7, 3.4],
            [85, 2.0, 1.9, 2.3],
            [24, 4.0, 2.0, null],
            [100, 5.0, 4.9, 5.02],
        ];
        foreach ($cases as [$f, $subject, $near, $far]) {
            $n = FocusPlan::fNumberAt($subject, $near, $far, $f, 0.02);
            $holds = DepthOfField::of($f, $n * 1.001, $subject, 0.02);
            $this->assertTrue(
                $holds->near <= $near && ($holds->far === null || ($far !== null && $holds->far >= $far)),
            );
            $short = DepthOfField::of($f, $n * 0.98, $subject, 0.02);
            $this->assertTrue($short->near > $near || ($short->far !== null && ($far === null || $short->far < $far)));
        }
        $this->assertSame(0.0, FocusPlan::fNumberAt(2, 2, 2, 50, 0.03));
    }

    public function test_a_focus_stack_leaves_no_gap(): void
    {
        foreach ([[0.3, 0.4, 60, 8], [0.5, 3.0, 35, 5.6], [2.0, 30.0, 50, 11]] as [$near, $far, $f, $n]) {
            $stack = FocusStack::covering($near, $far, $f, $n, 0.02, 0.2);
            $reached = $near * (1 + 1e-9);
            foreach ($stack->distances as $distance) {
                $depth = DepthOfField::of($f, $n, $distance, 0.02);
                $this->assertLessThanOrEqual($reached, $depth->near);
                $reached = $depth->far ?? INF;
            }
            $this->assertGreaterThanOrEqual($far, $reached);
            $this->assertGreaterThan($stack->frames(), FocusStack::covering($near, $far, $f, $n, 0.02, 0.6)->frames());
        }
        $this->assertSame(1, FocusStack::covering(2.9, 3.1, 24, 11, 0.03)->frames());
    }

    public function test_life_size_costs_two_stops(): void
    {
        $close = CloseUp::of(100, 8, 0.2);

        $this->assertEqualsWithDelta(
            [1.0, 16.0, 2.0],
            [$close->magnification, $close->effectiveFNumber, $close->lightLost->value],
            1e-9,
        );
        $this->assertEqualsWithDelta(0.015, CloseUp::of(50, 8, 10)->lightLost->value, 0.001);
    }

    public function test_stretch_at_the_corner_of_a_wide_lens(): void
    {
        $this->assertEqualsWithDelta(1.68, RectilinearStretch::atCorner(16, SensorFormat::fullFrame())->ratio, 0.005);
        $middle = RectilinearStretch::at(16, SensorFormat::fullFrame(), 0.5, 0.5);
        $this->assertEqualsWithDelta([1.0, 1.0, 0.0], [$middle->radial, $middle->tangential, $middle->angle], 1e-9);
    }

    public function test_limits_that_cannot_be(): void
    {
        foreach (
            [
                '3 m lies nearer' => fn () => FocusPlan::forLimits(4, 3, 50, 0.03),
                'inside the focal length' => fn () => FocusPlan::forLimits(0.04, 3, 50, 0.03),
                'got -2' => fn () => FocusPlan::forLimits(-2, 3, 50, 0.03),
                '1 m lies nearer' => fn () => FocusStack::covering(2, 1, 50, 8, 0.03),
                'got 0' => fn () => CloseUp::of(50, 8, 0),
            ] as $words => $try
        ) {
            try {
                $try();
                $this->fail($words);
            } catch (InvalidOptics $problem) {
                $this->assertStringContainsString($words, $problem->getMessage());
            }
        }
    }
}
