<?php

declare(strict_types=1);

namespace Tests\Core\PracticeCamera;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\FlashReach;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\PracticeCamera\FlashLight;
use TruePupil\Core\PracticeCamera\GraduatedFilter;
use TruePupil\Core\PracticeCamera\ToneCurve;
use TruePupil\Core\PracticeCamera\WhiteBalance;

final class LightTest extends TestCase
{
    public function test_the_tone_curve_leaves_tones_alone_up_to_its_shoulder_and_then_fades_into_white(): void
    {
        foreach ([0.0, 0.001, 0.18, 0.5, 0.8] as $linear) {
            $this->assertSame($linear, ToneCurve::shoulder($linear));
        }
        $this->assertEqualsWithDelta(1.0, ToneCurve::shoulder(ToneCurve::CLIP), 1e-12);
        $this->assertSame(1.0, ToneCurve::shoulder(5.0));
        $last = 0.0;
        for ($linear = 0.0; $linear < 1.4; $linear += 0.001) {
            $value = ToneCurve::shoulder($linear);
            $this->assertGreaterThanOrEqual($last, $value);
            $this->assertLessThanOrEqual(0.0011, $value - $last, 'no step anywhere');
            $last = $value;
        }
        $table = ToneCurve::table();
        $this->assertSame(65536, strlen($table));
        $this->assertSame(118, ord($table[(int) (0.18 * ToneCurve::STEPS)]), 'mid-grey');
        $this->assertSame(255, ord($table[65535]));
        $this->assertSame(0, ord($table[0]));
    }

    public function test_white_balance_turns_its_own_light_neutral(): void
    {
        $this->assertEqualsWithDelta([1.0, 1.0, 1.0], WhiteBalance::of(WhiteBalance::DAYLIGHT)->gains(), 1e-9);
        // Set for lamps, the camera makes daylight blue; set for shade, it makes it warm.
        [$red, , $blue] = WhiteBalance::of(2850)->gains();
        $this->assertLessThan(0.6, $red);
        $this->assertGreaterThan(2.0, $blue);
        [$red, , $blue] = WhiteBalance::of(7500)->gains();
        $this->assertGreaterThan(1.05, $red);
        $this->assertLessThan(0.9, $blue);
    }

    public function test_automatic_white_balance_follows_only_so_far(): void
    {
        $this->assertSame(5200.0, WhiteBalance::automatic(5200)->kelvin);
        $this->assertSame(3200.0, WhiteBalance::automatic(1900)->kelvin, 'a fire keeps its glow');
        $this->assertTrue(WhiteBalance::automatic(1900)->isAutomatic);
        $this->expectException(InvalidArgumentException::class);
        WhiteBalance::of(900);
    }

    public function test_a_graduated_filter_takes_its_stops_above_and_none_below(): void
    {
        $rows = (new GraduatedFilter(2.0, 0.5))->rows(600);
        $this->assertCount(600, $rows);
        $this->assertEqualsWithDelta(0.25, $rows[0], 1e-9);
        $this->assertEqualsWithDelta(1.0, $rows[599], 1e-9);
        $this->assertEqualsWithDelta(0.5, ($rows[299] + $rows[300]) / 2, 0.01, 'half of it in the middle of the edge');
        $this->expectException(InvalidArgumentException::class);
        new GraduatedFilter(9, 0.5);
    }

    public function test_a_flash_lights_its_reach_as_the_meter_wants(): void
    {
        foreach ([[28, 8, 100], [12, 2.8, 400]] as [$guideNumber, $n, $iso]) {
            $settings = new ExposureSettings(Aperture::of($n), ExposureTime::of(1 / 125), Iso::of($iso));
            $reach = FlashReach::of($guideNumber, $settings->aperture->exact, $settings->iso->exact)->metres;
            // A card of 18 % at that distance: the plate holds 0.18/s² of it.
            $this->assertEqualsWithDelta(
                0.18,
                (FlashLight::factor($guideNumber, $settings) * 0.18) / $reach ** 2,
                0.001,
            );
            $this->assertSame(
                FlashLight::factor($guideNumber, $settings),
                FlashLight::factor($guideNumber, $settings->withTime(ExposureTime::of(1))),
                'whatever the shutter does',
            );
        }
    }
}
