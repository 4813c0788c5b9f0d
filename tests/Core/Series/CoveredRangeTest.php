<?php

declare(strict_types=1);

namespace Tests\Core\Series;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Series\CoveredRange;
use TruePupil\Core\Tone\Srgb;

final class CoveredRangeTest extends TestCase
{
    public function test_two_frames_hold_what_lies_between_their_ends(): void
    {
        // The dark frame keeps its brightest tone at code 240, the bright one its darkest at code 20.
        $dark = Situations::tones([0 => 4000, 20 => 3000, 240 => 3000]);
        $bright = Situations::tones([20 => 4000, 118 => 3000, 255 => 3000]);
        $held = CoveredRange::of([0.0, 3.0], [$dark, $bright]);
        $stops = fn (int $code): float => Srgb::stopsFromMidGrey(Srgb::linear($code / 255));

        $this->assertEqualsWithDelta($stops(240) - ($stops(20) - 3), $held->stops, 0.01);
        $this->assertSame(0.0, $held->lostPct);
        $this->assertSame(0.0, $held->blockedPct);
    }

    public function test_what_is_lost_in_all_frames_is_said(): void
    {
        $frame = Situations::tones([0 => 1000, 118 => 8000, 255 => 1000]);
        $held = CoveredRange::of([0.0, 1.0], [$frame, $frame]);

        $this->assertEqualsWithDelta(10.0, $held->lostPct, 1e-9);
        $this->assertEqualsWithDelta(10.0, $held->blockedPct, 1e-9);
    }

    public function test_frames_and_exposures_belong_together(): void
    {
        $this->expectException(InvalidArgumentException::class);
        CoveredRange::of([0.0, 1.0], [Situations::tones([118 => 10])]);
    }
}
