<?php

declare(strict_types=1);

namespace Tests\Core\Series;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Series\NightLadder;
use TruePupil\Core\Series\NightReason;

final class NightLadderTest extends TestCase
{
    public function test_the_ladder_comes_down_until_lamps_and_stars_are_right(): void
    {
        // Lamps lose half as much with each stop; stars stay points up to 10 s.
        $ladder = new NightLadder(2.0, 10.0, Iso::of(6400));
        [$frame, $lost, $taken] = [self::frame(30, 400), 12.0, []];
        while ($rung = $ladder->after($frame, $lost)) {
            $taken[] = [(string) $rung->settings->time, (string) $rung->settings->iso, $rung->reason];
            $lost /= 2 * $frame->stopsBrighterThan($rung->settings)->value ?: 1;
            $frame = $rung->settings;
        }
        $this->assertSame(
            [
                ['15 s', 'ISO 400', NightReason::Lamps],
                ['8 s', 'ISO 400', NightReason::Lamps],
                ['4 s', 'ISO 400', NightReason::Lamps],
            ],
            $taken,
        );
    }

    public function test_what_the_time_loses_for_the_stars_iso_gives_back_as_far_as_it_goes(): void
    {
        $ladder = new NightLadder(2.0, 10.0, Iso::of(1600));
        $rung = $ladder->after(self::frame(15, 800), 2.0);
        $this->assertSame(NightReason::Stars, $rung?->reason);
        $this->assertSame('ƒ/2.8, 8 s, ISO 1600', (string) $rung->settings);
        $this->assertEqualsWithDelta(0.0, $rung->settings->stopsBrighterThan(self::frame(15, 800))->value, 1e-9);

        $rung = $ladder->after(self::frame(15, 1600), 2.0);
        $this->assertSame(NightReason::StarsInDarkerLight, $rung?->reason);
        $this->assertSame('ƒ/2.8, 8 s, ISO 1600', (string) $rung->settings);
    }

    public function test_a_rung_holds_at_its_limits_and_not_beyond(): void
    {
        $frame = self::frame(8, 800);
        $this->assertNull((new NightLadder(2.0, 8.0, Iso::of(6400)))->after($frame, 2.0));
        $this->assertNotNull((new NightLadder(2.0, 8.0, Iso::of(6400)))->after($frame, 2.01));
        $this->assertNotNull((new NightLadder(2.0, 7.9, Iso::of(6400)))->after($frame, 2.0));
        $this->assertNull((new NightLadder(2.0, null, Iso::of(6400)))->after(self::frame(30, 800), 0.0));
    }

    private static function frame(float $seconds, float $iso): ExposureSettings
    {
        return new ExposureSettings(Aperture::of(2.8), ExposureTime::of($seconds), Iso::of($iso));
    }
}
