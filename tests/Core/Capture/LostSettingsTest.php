<?php

declare(strict_types=1);

namespace Tests\Core\Capture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\LostSettings;
use TruePupil\Core\Capture\PictureRecord;
use TruePupil\Core\Capture\RecordedCamera;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Exposure\Iso;

final class LostSettingsTest extends TestCase
{
    /** @return iterable<string, array{?LostSettings, PictureRecord}> */
    public static function pictures(): iterable
    {
        $bare = new CaptureRecord();
        yield 'a PNG of any size' => [LostSettings::Screenshot, self::picture($bare, 4000, 3000, 'PNG')];
        yield 'upright, of the shape of a screen' => [LostSettings::Screenshot, self::picture($bare, 1170, 2532)];
        yield 'that shape on its side' => [LostSettings::Somewhere, self::picture($bare, 2532, 1170)];
        yield 'upright, a little wider' => [LostSettings::Somewhere, self::picture($bare, 1400, 2532)];
        yield 'as applications shrink it' => [LostSettings::Messenger, self::picture($bare, 1600, 1200)];
        yield 'a pixel more' => [LostSettings::Somewhere, self::picture($bare, 1601, 1200)];
        yield 'of full size' => [LostSettings::Somewhere, self::picture($bare, 6000, 4000)];
        yield 'with a setting' => [
            null,
            self::picture(new CaptureRecord(exposure: new RecordedExposure(iso: Iso::of(100))), 1600, 1200),
        ];
        yield 'of a camera that records none' => [
            null,
            self::picture(new CaptureRecord(camera: new RecordedCamera(model: 'Kilnyard 1')), 1600, 1200),
        ];
    }

    #[DataProvider('pictures')]
    public function test_size_shape_and_format_hint_at_the_way_it_came(
        ?LostSettings $lost,
        PictureRecord $picture,
    ): void {
        $this->assertSame($lost, LostSettings::of($picture));
    }

    public function test_what_is_a_guess_is_asked(): void
    {
        $this->assertStringContainsString('?', LostSettings::Screenshot->sentence());
        $this->assertStringContainsString('?', LostSettings::Messenger->sentence());
    }

    private static function picture(
        CaptureRecord $record,
        int $width,
        int $height,
        string $format = 'JPEG',
    ): PictureRecord {
        return new PictureRecord($record, $width, $height, $format, 1, null);
    }
}
