<?php

declare(strict_types=1);

namespace Tests\Core\Capture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\PictureOrigin;
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
            'MakerNotes:FocusMode' => 'AF-S',
        ]);

        $this->assertEqualsWithDelta(77, $record->lens->focalLength35, 1);
        $this->assertSame(Provenance::Derived, $record->sourceOf('focalLength35'));
    }

    public function test_the_width_of_an_export_says_nothing_of_the_sensor(): void
    {
        $export = [
            'FocalLength' => 108.5,
            'FocalPlaneXResolution' => (3888 / 22.2) * 25.4,
            'FocalPlaneResolutionUnit' => 2,
            'ExifImageWidth' => 2163,
        ];
        $of = fn (array $more): ?float => (new RecordNormaliser())->normalise([...$export, ...$more])->lens
            ->focalLength35;

        $this->assertNull($of([]));
        $this->assertNull($of(['MakerNotes:FocusMode' => 'AF-S', 'XMP:CreatorTool' => 'a darkroom']));
        $this->assertEqualsWithDelta(
            173.6,
            $of(['MakerNotes:CanonImageWidth' => 3888, 'XMP:CreatorTool' => 'a darkroom']),
            3,
        );
        $this->assertSame(160.0, $of(['FocalLengthIn35mmFormat' => 160]));
    }

    public function test_the_same_number_means_other_things_to_a_maker(): void
    {
        $record = (new RecordNormaliser())->normalise([
            'ISO' => 200,
            'ExposureProgram' => 1,
            'MeteringMode' => 5,
            'MakerNotes:ISO' => 9,
            'MakerNotes:ExposureProgram' => 3,
            'MakerNotes:MeteringMode' => 3,
        ]);

        $this->assertSame('ISO 200', (string) $record->exposure->iso);
        $this->assertSame(ExposureMode::Manual, $record->exposure->mode);
        $this->assertSame(MeteringPattern::Scene, $record->exposure->metering);
    }

    public function test_what_only_the_maker_s_notes_print_fills_the_gaps_and_says_so(): void
    {
        $record = (new RecordNormaliser())->normalise([
            'Orientation' => 6,
            'MakerNotes:ISO' => '400',
            'MakerNotes:MeteringMode' => 'Multi-segment',
            'MakerNotes:WhiteBalance' => 'Daylight',
            'MakerNotes:ColorTemperature' => '5200',
            'MakerNotes:AFPointPosition' => '0.25 0.5',
            'MakerNotes:FocusDistance' => '2.24 m',
            'MakerNotes:Lens' => '18-200mm f/3.5-5.6',
            'MakerNotes:ShakeReduction' => 'On (7)',
        ]);

        $this->assertSame('ISO 400', (string) $record->exposure->iso);
        $this->assertSame(MeteringPattern::Scene, $record->exposure->metering);
        $this->assertSame(['set', 5200], [$record->handling->whiteBalance, $record->handling->kelvin]);
        // A frame that stands upright: what lay left on the sensor lies at the top.
        $this->assertSame([0.5, 0.25], [$record->handling->focusPoint?->x, $record->handling->focusPoint?->y]);
        $this->assertSame(2.24, $record->handling->focusDistance);
        $this->assertSame([18.0, 200.0], [$record->lens->range?->minFocal, $record->lens->range?->maxFocal]);
        $this->assertSame([3.5, 5.6], [$record->lens->range?->widestAtMin, $record->lens->range?->widestAtMax]);
        $this->assertTrue($record->handling->stabiliser);
        foreach (['iso', 'metering', 'whiteBalance', 'kelvin', 'focusPoint', 'focusDistance', 'lens'] as $field) {
            $this->assertSame(Provenance::Maker, $record->sourceOf($field), $field);
        }
    }

    public function test_the_clock_has_a_zone_where_the_file_records_its_offset(): void
    {
        $taken = ['DateTimeOriginal' => '2026:06:21 18:30:00'];
        $zoned = (new RecordNormaliser())->normalise([...$taken, 'OffsetTimeOriginal' => '+00:00'])->takenAt;
        $plain = (new RecordNormaliser())->normalise($taken)->takenAt;

        $this->assertSame('+00:00', $zoned?->getTimezone()->getName());
        $this->assertSame('UTC', $plain?->getTimezone()->getName());
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
            [['ExposureProgram' => 0, 'ExposureMode' => 0], ExposureMode::Unknown],
            [['ExposureMode' => 0], ExposureMode::Unknown],
            [['ExposureProgram' => 0, 'ExposureMode' => 1], ExposureMode::Manual],
            [['MakerNotes:ExposureMode' => 'Aperture-priority AE'], ExposureMode::Aperture],
            [['ExposureProgram' => 1, 'MakerNotes:ExposureMode' => 'Aperture-priority AE'], ExposureMode::Manual],
            [['ExposureProgram' => 1, 'MakerNotes:ISOSetting' => '200'], ExposureMode::Manual],
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

    public function test_where_a_picture_comes_from_is_said_by_its_student_and_in_the_air_nobody_holds_it(): void
    {
        $file = (new RecordNormaliser())->normalise(['Make' => 'Marlpit']);
        $this->assertNull((new StatedFields())->fillIn($file)->origin);

        $aerial = (new StatedFields(support: Support::Hand, origin: PictureOrigin::Aerial))->fillIn($file);
        $this->assertSame(PictureOrigin::Aerial, $aerial->origin);
        $this->assertSame(Provenance::Student, $aerial->sourceOf('origin'));
        $this->assertNull($aerial->support);

        $video = (new StatedFields(support: Support::Hand, origin: PictureOrigin::Video))->fillIn($file);
        $this->assertSame(Support::Hand, $video->support);
    }

    public function test_several_exposures_in_one_file_are_known_by_their_tag_and_judged_by_no_time(): void
    {
        $read = fn (int $tag): CaptureRecord => (new RecordNormaliser())->normalise(['CompositeImage' => $tag]);

        $this->assertSame([null, null, PictureOrigin::Composite, PictureOrigin::Composite], array_map(
            fn (int $tag): ?PictureOrigin => $read($tag)->origin,
            [0, 1, 2, 3],
        ));
        $this->assertSame(Provenance::File, $read(3)->sourceOf('origin'));
        $one = Situations::make(t: 3.0, iso: 400, kit: Situations::kit());
        $several = Situations::make(
            t: 3.0,
            iso: 400,
            kit: Situations::kit(),
            record: ['origin' => PictureOrigin::Composite],
        );
        $this->assertNotNull($one->handHeldLimit());
        $this->assertNull($several->handHeldLimit());
        $this->assertNull($several->isoSlack());
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
