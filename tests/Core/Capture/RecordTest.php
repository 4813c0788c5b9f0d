<?php

declare(strict_types=1);

namespace Tests\Core\Capture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Capture\Provenance;
use TruePupil\Core\Capture\RecordNormaliser;
use TruePupil\Core\Capture\StatedFields;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\DriveMode;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\FocusMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Metering\MeteringPattern;

final class RecordTest extends TestCase
{
    public function test_a_full_record(): void
    {
        $record = (new RecordNormaliser())->normalise([
            'Make' => 'Marlpit ',
            'Model' => "Marlpit One\0",
            'LensModel' => '50 mm',
            'FNumber' => 5.6,
            'ExposureTime' => 0.004,
            'ISO' => 400,
            'ExposureCompensation' => -0.3333,
            'ExposureProgram' => 3,
            'MeteringMode' => 5,
            'Flash' => 16,
            'FocalLength' => 50,
            'FocalLengthIn35mmFormat' => 75,
            'WhiteBalance' => 1,
            'SubjectDistance' => 2.5,
            'DateTimeOriginal' => '2026:10:06 19:12:00',
            'MaxApertureValue' => 1.8,
        ]);

        $this->assertSame(['Marlpit', 'Marlpit One'], [$record->camera->make, $record->camera->model]);
        $this->assertSame('ƒ/5.6, 1/250 s, ISO 400', (string) $record->settings());
        $this->assertSame(ExposureMode::Aperture, $record->exposure->mode);
        $this->assertSame(MeteringPattern::Scene, $record->exposure->metering);
        $this->assertFalse($record->exposure->flashFired);
        $this->assertEqualsWithDelta(1.5, $record->format()?->crop(), 1e-9);
        $this->assertSame('set', $record->handling->whiteBalance);
        $this->assertSame('2026-10-06 19:12:00', $record->takenAt?->format('Y-m-d H:i:s'));
        $this->assertSame(Provenance::File, $record->sourceOf('fNumber'));
    }

    public function test_an_empty_record_knows_nothing_and_invents_nothing(): void
    {
        $record = (new RecordNormaliser())->normalise([]);

        $this->assertNull($record->settings());
        $this->assertNull($record->format());
        $this->assertSame(ExposureMode::Unknown, $record->exposure->mode);
        $this->assertSame([], $record->provenance);
    }

    #[DataProvider('absurdities')]
    public function test_absurd_values_count_as_not_recorded(array $tags, string $field): void
    {
        $record = (new RecordNormaliser())->normalise($tags);
        $known = [...(array) $record->exposure, ...(array) $record->lens, 'takenAt' => $record->takenAt];

        $this->assertArrayHasKey($field, $known);
        $this->assertNull($known[$field]);
    }

    public static function absurdities(): array
    {
        return [
            'a lens without contacts' => [['FNumber' => 0], 'fNumber'],
            'an infinite rational' => [['ExposureTime' => 'inf'], 'exposureTime'],
            'an undefined rational' => [['FocalLength' => 'undef'], 'focalLength'],
            'a clock never set' => [['DateTimeOriginal' => '0000:00:00 00:00:00'], 'takenAt'],
            'a day that is none' => [['DateTimeOriginal' => '2026:02:31 10:00:00'], 'takenAt'],
            'an equivalent of zero' => [['FocalLengthIn35mmFormat' => 0], 'focalLength35'],
            'an f-number of nothing like a lens' => [['FNumber' => 0.01], 'fNumber'],
            'a time of a year' => [['ExposureTime' => 3.2e7], 'exposureTime'],
            'an undefined f-number' => [['FNumber' => 'undef'], 'fNumber'],
            'an ISO of a billion' => [['ISO' => 1e9], 'iso'],
            'a focal length of a building' => [['FocalLength' => 65535], 'focalLength'],
            'blanks for a lens' => [['LensModel' => "  \0 "], 'name'],
            'a list for a lens' => [['LensModel' => ['a', 'b']], 'name'],
        ];
    }

    public function test_what_stands_only_in_the_apex_tags_is_derived(): void
    {
        $record = (new RecordNormaliser())->normalise(['ApertureValue' => 8, 'ShutterSpeedValue' => 1 / 128]);

        $this->assertSame('ƒ/8', (string) $record->exposure->fNumber);
        $this->assertSame('1/125 s', (string) $record->exposure->exposureTime);
        $this->assertSame(Provenance::Derived, $record->sourceOf('exposureTime'));
    }

    public function test_the_format_follows_from_the_focal_plane_where_no_equivalent_is_recorded(): void
    {
        $record = (new RecordNormaliser())->normalise([
            'FocalLength' => 50,
            'FocalPlaneXResolution' => (6000 / 23.5) * 25.4,
            'FocalPlaneResolutionUnit' => 2,
            'ExifImageWidth' => 6000,
        ]);

        $this->assertEqualsWithDelta(77, $record->lens->focalLength35, 1);
        $this->assertSame(Provenance::Derived, $record->sourceOf('focalLength35'));
    }

    public function test_an_iso_too_large_for_its_tag_is_read_elsewhere(): void
    {
        $this->assertSame(
            102400.0,
            (new RecordNormaliser())->normalise(['ISO' => 65535, 'RecommendedExposureIndex' => 102400])->exposure->iso
                ?->recorded,
        );
    }

    #[DataProvider('modes')]
    public function test_modes(array $tags, ExposureMode $mode): void
    {
        $this->assertSame($mode, (new RecordNormaliser())->normalise($tags)->exposure->mode);
    }

    public static function modes(): array
    {
        return [
            [['ExposureProgram' => 1], ExposureMode::Manual],
            [['ExposureProgram' => 1, 'ISOSetting' => 'Auto'], ExposureMode::ManualAutoIso],
            [['ExposureProgram' => 2], ExposureMode::Program],
            [['ExposureProgram' => 4], ExposureMode::Shutter],
            [['ExposureProgram' => 7], ExposureMode::Scene],
            [['ExposureProgram' => 9], ExposureMode::Bulb],
            [['ExposureProgram' => 0, 'ExposureMode' => 0], ExposureMode::Auto],
            [['ExposureMode' => 1], ExposureMode::Manual],
        ];
    }

    public function test_typed_fields_fill_gaps_and_never_overrule_the_file(): void
    {
        $file = (new RecordNormaliser())->normalise(['ISO' => 200]);
        $record = (new StatedFields(iso: Iso::of(6400), mode: ExposureMode::Manual, support: Support::Tripod))->fillIn(
            $file,
        );

        $this->assertSame('ISO 200', (string) $record->exposure->iso);
        $this->assertSame(Provenance::File, $record->sourceOf('iso'));
        $this->assertSame(ExposureMode::Manual, $record->exposure->mode);
        $this->assertSame(Provenance::Student, $record->sourceOf('support'));
    }

    public function test_what_makers_say_in_words_is_understood(): void
    {
        $record = (new RecordNormaliser())->normalise([
            'ImageStabilization' => 'On (shift)',
            'ShutterType' => 'Electronic',
            'FocusMode' => 'AF-C',
            'DriveMode' => 'Continuous High',
            'ISOAuto' => 'On',
        ]);

        $this->assertSame(
            [true, true, FocusMode::Continuous, DriveMode::Continuous, true],
            [
                $record->handling->stabiliser,
                $record->handling->silent,
                $record->handling->focusMode,
                $record->handling->drive,
                $record->exposure->isoAutomatic,
            ],
        );
        $other = (new RecordNormaliser())->normalise([
            'VibrationReduction' => 'Off',
            'ShutterMode' => 'Electronic Front Curtain',
            'FocusMode' => 'Manual',
            'ReleaseMode' => 'Exposure Bracketing',
        ]);
        $this->assertSame(
            [false, false, FocusMode::Manual, DriveMode::Bracket, null],
            [
                $other->handling->stabiliser,
                $other->handling->silent,
                $other->handling->focusMode,
                $other->handling->drive,
                $other->exposure->isoAutomatic,
            ],
        );
        $this->assertNull(
            (new RecordNormaliser())->normalise(['ImageStabilization' => 'Whatever'])->handling->stabiliser,
        );
    }

    public function test_who_takes_compensation(): void
    {
        $this->assertTrue(ExposureMode::Aperture->takesCompensation());
        $this->assertFalse(ExposureMode::Manual->takesCompensation());
        $this->assertFalse(ExposureMode::Auto->takesCompensation());
        $this->assertTrue(ExposureMode::Auto->followsTheMeter());
    }
}
