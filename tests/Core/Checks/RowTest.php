<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\InvalidBrief;
use TruePupil\Core\Capture\RecordedHandling;
use TruePupil\Core\Checks\BriefFormat;
use TruePupil\Core\Checks\CheckEvaluation;
use TruePupil\Core\Checks\Measures\FilmExposureIndexStops;
use TruePupil\Core\Checks\Measures\FilmSunRuleStops;
use TruePupil\Core\Checks\Measures\LightFrom;
use TruePupil\Core\Checks\Measures\PlanMinutesOff;
use TruePupil\Core\Checks\Measures\RecordKelvin;
use TruePupil\Core\Checks\Measures\SaidTone;
use TruePupil\Core\Checks\Measures\SeriesLostPct;
use TruePupil\Core\Checks\Measures\SeriesShiftPct;
use TruePupil\Core\Checks\Measures\SunAltitude;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\IntentFormat;
use TruePupil\Core\Intent\MeantTone;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Plan\Outing;
use TruePupil\Core\Plan\Plan;
use TruePupil\Core\Raster\GreyGrid;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;
use TruePupil\Core\Sky\LightDirection;
use TruePupil\Core\Sky\Location;

/** Checks on rows of frames, and the ready briefs that want them. */
final class RowTest extends TestCase
{
    /** @param  array<string, Verdict>  $expected */
    #[DataProvider('rows')]
    public function test_ready_briefs_judge_their_rows(string $brief, Situation $situation, array $expected): void
    {
        $found = [];
        foreach (CheckEvaluation::of(self::brief($brief), $situation) as $result) {
            $found[$result->check->id] = $result->verdict;
        }
        foreach ($expected as $id => $verdict) {
            $this->assertSame($verdict, $found[$id] ?? null, $id);
        }
    }

    public static function rows(): iterable
    {
        $bracket = fn (array $times, int $apart = 1): Situation => Situations::series(
            array_map(fn (float $t, int $i): array => [8, $t, 100, $i * $apart], $times, array_keys($times)),
            SeriesKind::Bracket,
        );
        yield 'an even bracket' => [
            'more-range-than-the-sensor',
            $bracket([1 / 100, 1 / 25, 1 / 6.25]),
            [
                'only-time' => Verdict::Met,
                'steps' => Verdict::Met,
                'gap' => Verdict::Met,
                'frames' => Verdict::Met,
                'darkest' => Verdict::Unknown,
            ],
        ];
        yield 'a bracket with a step left out' => [
            'more-range-than-the-sensor',
            $bracket([1 / 128, 1 / 64, 1 / 16]),
            ['steps' => Verdict::Missed],
        ];
        yield 'a slow bracket of two' => [
            'more-range-than-the-sensor',
            $bracket([1 / 128, 1 / 32], 30),
            ['gap' => Verdict::Missed, 'frames' => Verdict::Missed],
        ];
        yield 'a bracket by ISO' => [
            'more-range-than-the-sensor',
            Situations::series([[8, 1 / 60, 100, 0], [8, 1 / 60, 400, 1], [8, 1 / 60, 1600, 2]], SeriesKind::Bracket),
            ['only-time' => Verdict::Missed],
        ];
        yield 'equal exposures' => [
            'same-light-three-ways',
            Situations::series(
                [[2.8, 1 / 512, 100, 0], [5.6, 1 / 128, 100, 5], [11, 1 / 32, 100, 9]],
                SeriesKind::EqualExposures,
            ),
            ['equal' => Verdict::Met, 'aperture' => Verdict::Met, 'time' => Verdict::Met],
        ];
        yield 'a stop miscounted' => [
            'same-light-three-ways',
            Situations::series(
                [[2.8, 1 / 512, 100, 0], [5.6, 1 / 128, 100, 5], [11, 1 / 16, 100, 9]],
                SeriesKind::EqualExposures,
            ),
            ['equal' => Verdict::Missed],
        ];
        yield 'too small a span of depth' => [
            'depth-in-three-steps',
            Situations::series(
                [[4, 1 / 250, 100, 0], [5.6, 1 / 125, 100, 5], [8, 1 / 60, 100, 9]],
                SeriesKind::EqualExposures,
            ),
            ['span' => Verdict::Missed, 'iso' => Verdict::Met],
        ];
        yield 'one control of three' => [
            'three-controls',
            Situations::series(
                [[5.6, 1 / 60, 100, 0], [5.6, 1 / 60, 400, 5], [5.6, 1 / 60, 1600, 9]],
                SeriesKind::OneVariable,
                row: 'iso',
            ),
            ['moving-iso' => Verdict::Met, 'span-iso' => Verdict::Met],
        ];
        yield 'the wrong control' => [
            'three-controls',
            Situations::series(
                [[5.6, 1 / 60, 100, 0], [5.6, 1 / 15, 100, 5], [5.6, 1 / 4, 100, 9]],
                SeriesKind::OneVariable,
                row: 'iso',
            ),
            ['moving-iso' => Verdict::Missed],
        ];
    }

    public function test_a_check_of_one_row_is_not_asked_of_another(): void
    {
        $ids = array_map(
            fn ($result): string => $result->check->id,
            CheckEvaluation::of(
                self::brief('three-controls'),
                Situations::series(
                    [[4, 1 / 60, 100, 0], [8, 1 / 60, 100, 5]],
                    SeriesKind::OneVariable,
                    row: 'aperture',
                ),
            ),
        );

        $this->assertSame(['moving-aperture', 'span-aperture', 'frames-aperture'], $ids);
    }

    public function test_what_is_said_of_a_row_is_said_once(): void
    {
        $brief = self::brief('one-lens-for-a-day');
        $within = array_map(
            fn ($result): string => $result->check->id,
            CheckEvaluation::of($brief, Situations::make(isWithinRow: true)),
        );
        $alone = array_map(fn ($result): string => $result->check->id, CheckEvaluation::of($brief, Situations::make()));

        $this->assertNotContains('frames', $within);
        $this->assertContains('reason', $within);
        // One frame that has no row yet is asked for it.
        $this->assertContains('frames', $alone);
    }

    public function test_a_row_is_measured_from_its_pictures_too(): void
    {
        $frames = [[8, 1 / 128, 100, 0], [8, 1 / 32, 100, 1]];
        $cells = fn (int $shift): array => array_map(
            fn (int $i): float => fmod((($i % 48) + 48 - $shift) * 0.37 + intdiv($i, 48) * 0.61, 1.0),
            range(0, 48 * 32 - 1),
        );
        $shifted = Situations::series(
            $frames,
            SeriesKind::Bracket,
            pictures: [GreyGrid::of(48, 32, $cells(0)), GreyGrid::of(48, 32, $cells(2))],
        );

        $this->assertEqualsWithDelta((100 * 2) / 48, (new SeriesShiftPct())->read($shifted), 1e-9);
        $this->assertNull(
            (new SeriesShiftPct())->read(Situations::series($frames, SeriesKind::Bracket)),
        );

        $tones = Situations::series(
            $frames,
            SeriesKind::Bracket,
            tones: [Situations::tones([40 => 900, 255 => 100]), Situations::tones([90 => 700, 255 => 300])],
        );
        $this->assertEqualsWithDelta(10.0, (new SeriesLostPct())->read($tones), 1e-9);
    }

    public function test_a_plan_with_a_place_tells_how_far_off_the_hour_was(): void
    {
        // Half past six in the evening, an hour east of Greenwich; the camera's clock shows local time without a zone.
        $outing = new Outing(
            Location::of(50.0, 10.0),
            new DateTimeImmutable('2026-09-22 18:30:00', new DateTimeZone('+02:00')),
        );
        $situation = Situations::make(
            plan: new Plan(outing: $outing),
            record: ['takenAt' => new DateTimeImmutable('2026-09-22 18:50:00', new DateTimeZone('UTC'))],
        );

        $this->assertEqualsWithDelta(20.0, (new PlanMinutesOff())->read($situation), 1e-9);
        // At the equinox the sun sets close to 18:00 of local solar time, here 19:20 − 7 min: some 4° left.
        $this->assertEqualsWithDelta(4.0, (new SunAltitude())->read($situation), 1.0);
        $this->assertNull((new PlanMinutesOff())->read(Situations::make()));
    }

    public function test_where_the_light_comes_from_is_worked_out_or_said_and_brightness_is_declared(): void
    {
        $west = fn (float $bearing): Plan => new Plan(outing: new Outing(
            Location::of(50.0, 10.0),
            new DateTimeImmutable('2026-09-22 18:30:00', new DateTimeZone('+02:00')),
            $bearing,
        ));
        $taken = ['takenAt' => new DateTimeImmutable('2026-09-22 18:50:00', new DateTimeZone('UTC'))];
        $reads = fn (mixed ...$situation): ?string => (new LightFrom())->read(Situations::make(...$situation),
        );
        $says = new Intent(lightFrom: LightDirection::Side, tone: MeantTone::LowKey);
        $this->assertSame('back', $reads(plan: $west(270.0), record: $taken));
        $this->assertSame('front', $reads(plan: $west(90.0), record: $taken, intent: $says), 'the sky knows better');
        $this->assertSame('side', $reads(intent: $says));
        $this->assertNull($reads());
        $this->assertFalse(Need::LightFrom->isKnownIn(Situations::make()));
        $this->assertTrue(Need::LightFrom->isKnownIn(Situations::make(intent: $says)));
        $this->assertSame(
            3200.0,
            (new RecordKelvin())->read(Situations::make(record: ['handling' => new RecordedHandling(kelvin: 3200)]),
            ),
        );
        $this->assertNull((new RecordKelvin())->read(Situations::make()));
        $this->assertSame('low-key', (new SaidTone())->read(Situations::make(intent: $says)));
        $this->assertSame('none', (new SaidTone())->read(Situations::make()));
        $this->assertEquals($says, IntentFormat::read(Fields::of(IntentFormat::write($says))));
    }

    public function test_film_is_held_against_its_box_and_the_bright_sun_rule(): void
    {
        $kit = Situations::kit(more: ['film' => ['name' => 'Kelm 200', 'boxSpeed' => 200, 'kind' => 'negative']]);

        $this->assertEqualsWithDelta(
            1.0,
            (new FilmExposureIndexStops())->read(Situations::make(iso: 100, kit: $kit)),
            1e-9,
        );
        $this->assertNull((new FilmExposureIndexStops())->read(Situations::make()));
        // ƒ/16 at 1/100 s and ISO 100, on the scale: EV 14.66.
        $this->assertEqualsWithDelta(
            0.0,
            (new FilmSunRuleStops())->read(Situations::make(n: 16, t: 1 / 100, iso: 100)),
            0.05,
        );
        $this->assertEqualsWithDelta(
            2.0,
            (new FilmSunRuleStops())->read(Situations::make(n: 8, t: 1 / 100, iso: 100)),
            0.05,
        );
    }

    public function test_a_check_of_a_row_that_is_not_there_is_refused(): void
    {
        $data = self::data('three-controls');
        $data['checks'][0]['row'] = 'focus';
        $this->expectException(InvalidBrief::class);
        $this->expectExceptionMessage('row "focus"');
        BriefFormat::read($data);
    }

    public function test_a_brief_tells_its_rows_and_how_many_frames_it_takes(): void
    {
        $three = self::brief('three-controls');
        $this->assertSame(['iso', 'aperture', 'time'], array_map(fn ($row): string => $row->id, $three->rows()));
        $this->assertSame(15, $three->most());
        $this->assertSame('iso', $three->row('nonsense')?->id);
        $this->assertCount(1, self::brief('more-range-than-the-sensor')->rows());
        $this->assertSame([], self::brief('meter-is-fooled')->rows());
        $this->assertSame(1, self::brief('meter-is-fooled')->most());
    }

    /** @return array<mixed> */
    private static function data(string $id): array
    {
        return json_decode(
            (string) file_get_contents(__DIR__.'/../../../resources/briefs/'.$id.'.json'),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }

    private static function brief(string $id): Brief
    {
        return BriefFormat::read(self::data($id));
    }
}
