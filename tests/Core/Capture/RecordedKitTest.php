<?php

declare(strict_types=1);

namespace Tests\Core\Capture;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedKit;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Optics\SensorFormat;

final class RecordedKitTest extends TestCase
{
    public function test_a_phone_s_record_counts_before_its_owner_s_camera_and_its_support_is_the_kit_s(): void
    {
        $own = new Kit(
            new Body('Marlpit One', SensorFormat::fullFrame()),
            [Lens::prime('fifty', 50, 1.8, 16)],
            [Support::Hand, Support::Tripod],
        );
        $kit = RecordedKit::orOwn($own, self::record(6.8, 24, ExposureMode::Program));

        $this->assertSame(
            [BodyKind::Phone, false, $own->supports],
            [$kit?->body->kind, $kit?->body->setsTime, $kit?->supports],
        );
        $this->assertEqualsWithDelta([6.8, 1.8, 1.8], [
            $kit->lenses[0]->minFocal, $kit->lenses[0]->widestAtMin, $kit->lenses[0]->smallest,
        ], 0.01);
        // An app that sets the time records that it was set by hand.
        $byHand = RecordedKit::orOwn($own, self::record(6.8, 24, ExposureMode::Manual));
        $this->assertTrue($byHand?->body->setsTime);
        $this->assertSame($own, RecordedKit::orOwn($own, self::record(50, 50, ExposureMode::Program)));
        $this->assertNull(RecordedKit::orOwn(null, self::record(6.8, 24, ExposureMode::Program)), 'nobody said');
    }

    private static function record(float $focal, float $equivalent, ExposureMode $mode): CaptureRecord
    {
        return new CaptureRecord(
            lens: new RecordedLens(focalLength: $focal, focalLength35: $equivalent),
            exposure: new RecordedExposure(fNumber: Aperture::of(1.8), mode: $mode),
        );
    }
}
