<?php

declare(strict_types=1);

namespace Tests\Core\PracticeCamera;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\PracticeCamera\Framing;
use TruePupil\Core\PracticeCamera\PlateExposure;
use TruePupil\Core\Sensor\SensorModel;

final class PracticeCameraTest extends TestCase
{
    public function test_the_luminance_that_the_settings_ask_for_comes_out_as_mid_grey(): void
    {
        $settings = new ExposureSettings(Aperture::of(8), ExposureTime::of(1 / 125), Iso::of(200));
        $sensor = SensorModel::typical(SensorFormat::fullFrame(), 24_000_000);
        $exposure = PlateExposure::of($settings, $sensor);

        $this->assertEqualsWithDelta(0.18, $exposure->perCandela * $settings->ev100()->luminance(), 1e-12);
        $brighter = PlateExposure::of($settings->withTime(ExposureTime::of(1 / 60)), $sensor);
        $this->assertEqualsWithDelta(2.0, $brighter->perCandela / $exposure->perCandela, 1e-9);
    }

    public function test_noise_grows_with_iso(): void
    {
        $sensor = SensorModel::typical(SensorFormat::fullFrame(), 24_000_000);
        $base = new ExposureSettings(Aperture::of(8), ExposureTime::of(1 / 125), Iso::of(100));

        $this->assertGreaterThan(
            10 * PlateExposure::of($base, $sensor)->noiseGain,
            PlateExposure::of($base->withIso(Iso::of(1600)), $sensor)->noiseGain,
        );
    }

    public function test_a_longer_lens_sees_its_share_of_the_plate(): void
    {
        $framing = Framing::of(24, 48, ['x' => 0.5, 'y' => 0.5]);

        $this->assertEqualsWithDelta([0.25, 0.25, 0.5, 0.5], array_values($framing->toArray()), 1e-9);
        $this->assertSame(0.5, Framing::of(24, 48, ['x' => 0.98, 'y' => 0.1])->x);
        $this->assertSame(0.0, Framing::of(24, 48, ['x' => 0.98, 'y' => 0.1])->y);
    }

    public function test_no_lens_sees_beyond_the_plate(): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage('got 20 mm');
        Framing::of(24, 20);
    }

    public function test_regions_are_read_and_refused(): void
    {
        $this->assertEqualsWithDelta(8.0, Region::parse('0.4, 0.3,0.2,0.4')->sharePct(), 1e-9);
        foreach (['0,0,0,1', '0.9,0,0.2,1', 'a,b,c,d', '0.1,0.1,0.1', '-0.1,0,0.5,0.5'] as $wrong) {
            try {
                Region::parse($wrong);
                $this->fail("$wrong was taken for a region");
            } catch (InvalidArgumentException $problem) {
                $this->assertNotSame('', $problem->getMessage());
            }
        }
    }
}
