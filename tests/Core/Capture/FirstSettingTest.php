<?php

declare(strict_types=1);

namespace Tests\Core\Capture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Parts;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\FirstSetting;
use TruePupil\Core\Capture\PictureRecord;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedHandling;
use TruePupil\Core\Capture\RecordNormaliser;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\Support;

final class FirstSettingTest extends TestCase
{
    /** @param  array<string, mixed>  $tags */
    #[DataProvider('told')]
    public function test_what_a_file_tells(
        FirstSetting $setting,
        CaptureRecord $record,
        string $format,
        ?string $space,
        array $tags,
        ?bool $isRight,
    ): void {
        // What stands in the notes reaches the list through the record.
        $read = (new RecordNormaliser())->normalise($tags)->handling->processing;
        $record = Parts::changed($record, processing: $read);

        $this->assertSame(
            $isRight,
            $setting->read(new PictureRecord($record, 600, 400, $format, 1, $space), $record, $tags)[1],
        );
    }

    public function test_a_phone_has_a_list_of_its_own(): void
    {
        $phone = FirstSetting::of(BodyKind::Phone);
        $camera = FirstSetting::of(BodyKind::Camera);
        $this->assertContains(FirstSetting::NoPinching, $phone);
        $this->assertNotContains(FirstSetting::FileKind, $phone);
        $this->assertSame([FirstSetting::ColourSpace], array_values(array_filter(
            $camera,
            fn (FirstSetting $one): bool => in_array($one, $phone, true),
        )));
        $this->assertCount(count(FirstSetting::cases()) + 1, [...$phone, ...$camera]);
    }

    public static function told(): iterable
    {
        yield 'the lamp fired' => [
            FirstSetting::LampOff,
            new CaptureRecord(exposure: new RecordedExposure(flashFired: true)),
            'JPEG',
            null,
            [],
            false,
        ];
        yield 'the slider was moved' => [
            FirstSetting::SliderInTheMiddle,
            new CaptureRecord(exposure: new RecordedExposure(compensation: 0.33)),
            'JPEG',
            null,
            [],
            false,
        ];
        yield 'the slider was not moved' => [
            FirstSetting::SliderInTheMiddle,
            new CaptureRecord(exposure: new RecordedExposure(compensation: 0.0)),
            'JPEG',
            null,
            [],
            true,
        ];
        $plain = new CaptureRecord();
        yield 'raw' => [FirstSetting::FileKind, $plain, 'DNG', null, [], true];
        yield 'a JPEG alone tells nothing of the card' => [FirstSetting::FileKind, $plain, 'JPEG', null, [], null];
        yield 'an export' => [FirstSetting::FileKind, $plain, 'PNG', null, [], false];
        yield 'sRGB by its profile' => [FirstSetting::ColourSpace, $plain, 'JPEG', 'sRGB IEC61966-2.1', [], true];
        yield 'a wider space' => [FirstSetting::ColourSpace, $plain, 'JPEG', 'Wide Gamut', [], false];
        yield 'no word of it' => [FirstSetting::ColourSpace, $plain, 'JPEG', null, [], null];
        yield 'standard style' => [
            FirstSetting::PictureStyle,
            $plain,
            'JPEG',
            null,
            ['PictureStyle' => 'Standard'],
            true,
        ];
        yield 'vivid style' => [FirstSetting::PictureStyle, $plain, 'JPEG', null, ['PictureMode' => 'Vivid'], false];
        yield 'smearing off' => [
            FirstSetting::HighIsoNoise,
            $plain,
            'JPEG',
            null,
            ['HighISONoiseReduction' => 'Off'],
            true,
        ];
        yield 'smearing on' => [
            FirstSetting::HighIsoNoise,
            $plain,
            'JPEG',
            null,
            ['HighISONoiseReduction' => 'Strong'],
            false,
        ];
        yield 'dark frame on' => [
            FirstSetting::LongExposureNoise,
            $plain,
            'JPEG',
            null,
            ['LongExposureNoiseReduction' => 'On'],
            true,
        ];
        yield 'dark frame off' => [
            FirstSetting::LongExposureNoise,
            $plain,
            'JPEG',
            null,
            ['LongExposureNoiseReduction' => 'Off'],
            false,
        ];
        yield 'one correction on' => [
            FirstSetting::Corrections,
            $plain,
            'JPEG',
            null,
            ['VignetteControl' => 'Off', 'AutoDistortionControl' => 'On'],
            false,
        ];
        yield 'both off' => [
            FirstSetting::Corrections,
            $plain,
            'JPEG',
            null,
            ['VignetteControl' => 'Off', 'AutoDistortionControl' => 'Off'],
            true,
        ];
        yield 'lossless' => [FirstSetting::Compression, $plain, 'DNG', null, ['RawCompression' => 'Lossless'], true];
        yield 'lossy' => [
            FirstSetting::Compression,
            $plain,
            'DNG',
            null,
            ['RawCompression' => 'Lossy (type 1)'],
            false,
        ];
        yield 'stabilised by hand' => [
            FirstSetting::Stabiliser,
            new CaptureRecord(support: Support::Hand, handling: new RecordedHandling(stabiliser: true)),
            'JPEG',
            null,
            [],
            true,
        ];
        yield 'stabilised on a tripod' => [
            FirstSetting::Stabiliser,
            new CaptureRecord(support: Support::Tripod, handling: new RecordedHandling(stabiliser: true)),
            'JPEG',
            null,
            [],
            false,
        ];
        yield 'stabilised on who knows what' => [
            FirstSetting::Stabiliser,
            new CaptureRecord(handling: new RecordedHandling(stabiliser: true)),
            'JPEG',
            null,
            [],
            null,
        ];
    }

    public function test_every_setting_says_what_and_why(): void
    {
        foreach (FirstSetting::cases() as $setting) {
            $this->assertNotSame('', $setting->label());
            $this->assertStringEndsWith('.', $setting->why());
            [$words] = $setting->read(
                new PictureRecord(new CaptureRecord(), 1, 1, 'JPEG', 1, null),
                new CaptureRecord(),
                [],
            );
            $this->assertNotSame('', $words);
        }
    }
}
