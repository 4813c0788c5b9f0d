<?php

declare(strict_types=1);

namespace Tests\Core\Measures;

use PHPUnit\Framework\TestCase;
use Tests\Core\Grids;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Measures\BurntTones;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\PixelStatistics;

final class BurntTonesTest extends TestCase
{
    public function test_skin_burns_in_red_before_it_is_white(): void
    {
        $this->assertEqualsWithDelta(50.0, $this->percent([255.0, 214.0, 180.0]), 2.0);
        $this->assertEqualsWithDelta(50.0, $this->percent([255.0, 255.0, 255.0]), 2.0);
        $this->assertSame(0.0, $this->percent([248.0, 205.0, 170.0]), 'light and whole');
    }

    public function test_a_strong_colour_and_a_blue_sky_are_not_burnt(): void
    {
        $this->assertSame(0.0, $this->percent([255.0, 60.0, 20.0]), 'a red petal');
        $this->assertSame(0.0, $this->percent([255.0, 220.0, 10.0]), 'a yellow one');
        $this->assertSame(0.0, $this->percent([150.0, 190.0, 255.0]), 'a sky');
    }

    public function test_only_the_region_counts(): void
    {
        $this->assertSame(0.0, $this->percent([255.0, 214.0, 180.0], Region::of(0.6, 0.0, 0.4, 1.0)));
        $this->assertSame(100.0, $this->percent([255.0, 214.0, 180.0], Region::of(0.1, 0.1, 0.3, 0.5)));
    }

    public function test_tones_that_pile_up_below_white_are_at_their_end_there(): void
    {
        $paint = [244.0, 236.0, 200.0];

        $this->assertSame(0.0, $this->percent($paint), 'nothing piles up');
        $this->assertEqualsWithDelta(50.0, $this->percent($paint, ends: [244, 244]), 2.0);
        $this->assertSame(0.0, $this->percent($paint, ends: [244, 252]), 'one channel alone is a curve, not an end');
    }

    /**
     * Of the whole frame, whose left half is painted and whose right half is grey.
     *
     * @param  array{float, float, float}  $paint
     * @param  ?array{int, int}  $ends  codes at which the counts of red and green pile up
     */
    private function percent(array $paint, ?Region $region = null, ?array $ends = null): float
    {
        $even = array_fill(0, 256, 100);
        $piled = function (?int $end) use ($even): Histogram {
            foreach ($end === null ? [] : range($end, 255) as $code) {
                $even[$code] = $code === $end ? 5000 : 0;
            }

            return Histogram::of($even);
        };
        $plain = Histogram::of($even);

        return BurntTones::percentIn(
            $region ?? Region::of(0.0, 0.0, 1.0, 1.0),
            Grids::paint(fn (float $x): array => $x < 0.5 ? $paint : [90.0, 90.0, 90.0], 96, 64),
            new PixelStatistics($plain, $piled($ends[0] ?? null), $piled($ends[1] ?? null), $plain, 0, 0),
        );
    }
}
