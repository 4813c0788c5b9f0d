<?php

declare(strict_types=1);

namespace Tests\Core\Tone;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\PixelStatistics;
use TruePupil\Core\Tone\Srgb;
use TruePupil\Core\Tone\ToneMeasures;

final class ToneTest extends TestCase
{
    public function test_mid_grey_is_code_118_and_white_clips_2_47_stops_above_it(): void
    {
        $this->assertSame(118, (int) round(Srgb::encoded(0.18) * 255));
        $this->assertEqualsWithDelta(2.474, Srgb::stopsFromMidGrey(1.0), 0.001);
    }

    public function test_the_transfer_function_and_its_inverse(): void
    {
        foreach (range(0, 255, 5) as $code) {
            $this->assertEqualsWithDelta($code / 255, Srgb::encoded(Srgb::linear($code / 255)), 1e-9);
        }
    }

    public function test_a_plain_grey_measures_as_its_own_tone(): void
    {
        $tone = ToneMeasures::from($this->statistics([118 => 1000]));

        $this->assertEqualsWithDelta(0.0, $tone->meanStops, 0.02);
        $this->assertSame(0.0, $tone->usedStops());
    }

    public function test_the_mean_is_of_light_and_not_of_codes(): void
    {
        // Half black, half white: half the light of white, which is one stop below it.
        $tone = ToneMeasures::from($this->statistics([0 => 500, 255 => 500], lost: 500, blocked: 500));

        $this->assertEqualsWithDelta(2.474 - 1, $tone->meanStops, 0.001);
        $this->assertSame(50.0, $tone->lostHighlightsPct);
        $this->assertSame(50.0, $tone->blockedShadowsPct);
        $this->assertSame(50.0, $tone->lostHighlightsPctByChannel['g']);
    }

    public function test_percentiles(): void
    {
        $tone = ToneMeasures::from($this->statistics([20 => 50, 118 => 900, 250 => 50]));

        $this->assertEqualsWithDelta(Srgb::stopsFromMidGrey(Srgb::linear(20 / 255)), $tone->p1Stops, 1e-9);
        $this->assertEqualsWithDelta(0.0, $tone->medianStops, 0.02);
        $this->assertEqualsWithDelta(Srgb::stopsFromMidGrey(Srgb::linear(250 / 255)), $tone->p99Stops, 1e-9);
    }

    public function test_the_distribution_in_thirds_keeps_every_pixel(): void
    {
        $histogram = Histogram::of(array_map(fn (int $code): int => 3 + ($code % 7), range(0, 255)));
        $shares = array_column($histogram->byThirds(), 'share');

        $this->assertEqualsWithDelta(1.0, array_sum($shares), 1e-9);
        $this->assertGreaterThan(0, min(array_slice($shares, 3)));
    }

    public function test_a_histogram_has_256_counts(): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage('got 3');
        Histogram::of([1, 2, 3]);
    }

    /** @param  array<int, int>  $counts  by code, the same in every channel */
    private function statistics(array $counts, int $lost = 0, int $blocked = 0): PixelStatistics
    {
        $histogram = Histogram::of(array_replace(array_fill(0, 256, 0), $counts));

        return new PixelStatistics($histogram, $histogram, $histogram, $histogram, $lost, $blocked);
    }
}
