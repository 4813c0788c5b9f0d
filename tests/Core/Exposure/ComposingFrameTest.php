<?php

declare(strict_types=1);

namespace Tests\Core\Exposure;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ComposingFrame;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;

final class ComposingFrameTest extends TestCase
{
    public function test_five_stops_of_iso_are_five_stops_of_time(): void
    {
        $composing = self::frame(2.8, 1, 25600);
        $this->assertEqualsWithDelta(
            32.0,
            ComposingFrame::finalTime($composing, Aperture::of(2.8), Iso::of(800)),
            1e-9,
        );
        // Two stops of aperture more: four times as long.
        $this->assertEqualsWithDelta(
            128.0,
            ComposingFrame::finalTime($composing, Aperture::of(5.6), Iso::of(800)),
            1e-9,
        );
    }

    public function test_the_frame_that_is_kept_is_as_bright_as_the_one_that_was_composed_with(): void
    {
        foreach ([[1.4, 0.5, 12800, 4, 100], [8, 2, 6400, 2.8, 1600]] as [$n, $t, $iso, $finalN, $finalIso]) {
            $composing = self::frame($n, $t, $iso);
            $seconds = ComposingFrame::finalTime($composing, Aperture::of($finalN), Iso::of($finalIso));
            $final = self::frame($finalN, $seconds, $finalIso);
            $this->assertEqualsWithDelta(0.0, $final->stopsBrighterThan($composing)->value, 1e-9);
        }
    }

    public function test_a_dark_frame_takes_as_long_as_the_frame_from_a_second_on(): void
    {
        $this->assertSame(240.0, ComposingFrame::wait(120.0));
        $this->assertSame(2.0, ComposingFrame::wait(1.0));
        $this->assertSame(0.8, ComposingFrame::wait(0.8));
    }

    private static function frame(float $n, float $t, float $iso): ExposureSettings
    {
        return new ExposureSettings(Aperture::of($n), ExposureTime::of($t), Iso::of($iso));
    }
}
