<?php

declare(strict_types=1);

namespace Tests\Core\PracticeCamera;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Optics\BlurDisc;
use TruePupil\Core\PracticeCamera\Defocus;
use TruePupil\Core\PracticeCamera\DepthScale;

final class DefocusTest extends TestCase
{
    private const PIXELS_PER_MM = 50.0;

    public function test_a_disc_is_as_large_as_the_lens_makes_it_and_signed_by_its_side(): void
    {
        $defocus = Defocus::of(85, 1.8, 2.0, self::PIXELS_PER_MM, 1.0, 10.0);

        // 85 mm f/1.8 focused at 2 m: a point at 10 m becomes a disc of 1.677 mm.
        $this->assertEqualsWithDelta((1.677 * 50) / 2, $defocus->radius(10.0), 0.05);
        $this->assertEqualsWithDelta(0.0, $defocus->radius(2.0), 1e-9);
        $this->assertLessThan(0.0, $defocus->radius(1.2));
        $this->assertEqualsWithDelta($defocus->radius(1e6), $defocus->radius(INF), 0.01);
    }

    public function test_shares_come_to_one_and_keep_the_spread_of_the_disc(): void
    {
        foreach (
            [
                [50, 1.4, 3.0, 0.8, INF],
                [85, 2.8, 1.5, 1.4, 9.0],
                [24, 8.0, 2.0, 0.5, 60.0],
                [35, 2.0, 40.0, 1.0, 38.0],
            ] as [$focal, $n, $focused, $near, $far]
        ) {
            $defocus = Defocus::of($focal, $n, $focused, self::PIXELS_PER_MM, $near, $far);
            for ($metres = $near; $metres <= min($far, 200.0); $metres *= 1.13) {
                $shares = $defocus->shares($metres);
                $this->assertCount(count($defocus->radii), $shares);
                $this->assertEqualsWithDelta(1.0, array_sum($shares), 1e-9);
                $this->assertLessThanOrEqual(2, count(array_filter($shares)));
                $spread = array_sum(
                    array_map(
                        fn (float $share, float $radius): float => $share * $radius * abs($radius),
                        $shares,
                        $defocus->radii,
                    ),
                );
                $radius =
                    ((BlurDisc::of($focal, $n, $focused, $metres)->millimetres * self::PIXELS_PER_MM) / 2) *
                    ($metres < $focused ? -1 : 1);
                // Within what a half-pixel disc spreads, which nobody sees.
                $this->assertEqualsWithDelta($radius * abs($radius), $spread, max(0.21, 0.001 * $radius ** 2));
            }
        }
    }

    public function test_what_is_sharp_throughout_is_one_layer_and_there_are_never_more_than_asked_for(): void
    {
        $this->assertSame([0.0], Defocus::of(24, 11, 4.0, self::PIXELS_PER_MM, 3.8, 4.2)->radii);
        $radii = Defocus::of(85, 1.4, 2.0, self::PIXELS_PER_MM, 0.9, INF, 7)->radii;
        $this->assertLessThanOrEqual(7, count($radii));
        $sorted = $radii;
        rsort($sorted);
        $this->assertSame($sorted, $radii, 'farthest first');
    }

    public function test_fewer_than_three_layers_are_refused(): void
    {
        $this->expectException(InvalidArgumentException::class);
        Defocus::of(50, 2, 3, 50, 1, 10, 2);
    }

    public function test_levels_of_the_depth_scale_are_evenly_spaced_and_end_at_infinity(): void
    {
        foreach ([0.25, 0.5, 1.0, 3.7, 21.0, 480.0] as $metres) {
            $this->assertEqualsWithDelta($metres, DepthScale::metres(DepthScale::level($metres)), 0.0011 * $metres);
        }
        $this->assertSame(0, DepthScale::level(0.01));
        $this->assertSame(INF, DepthScale::metres(DepthScale::level(1e9)));
        $this->assertEqualsWithDelta(
            DepthScale::metres(801) / DepthScale::metres(800),
            DepthScale::metres(3001) / DepthScale::metres(3000),
            1e-9,
        );
    }
}
