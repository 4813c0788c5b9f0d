<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Film\Film;
use TruePupil\Core\Film\FilmKind;
use TruePupil\Core\Motion\Pan;
use TruePupil\Core\Motion\WaterLook;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\Sensor\SensorModel;

final class FilmTest extends TestCase
{
    public function test_an_exposure_index_against_the_box(): void
    {
        $film = new Film('Kilnyard 400', Iso::of(400), FilmKind::Negative, yearsExpired: 10);

        $this->assertEqualsWithDelta(1.0, $film->generosity(Iso::of(200))->value, 1e-9);
        $this->assertEqualsWithDelta(-1.0, $film->generosity(Iso::of(800))->value, 1e-9);
        $this->assertEqualsWithDelta(1.0, $film->ageing()->value, 1e-9);
        $this->assertEqualsWithDelta(19.95, $film->correctedTime(10), 0.01);
        $this->assertSame(0.5, $film->correctedTime(0.5));
    }

    public function test_what_each_kind_forgives(): void
    {
        $this->assertSame(
            [[-1.0, 3.0], [-0.5, 0.5], [-1.0, 2.0]],
            array_map(fn (FilmKind $kind): array => $kind->latitude(), FilmKind::cases()),
        );
        $this->assertSame(
            [true, false, true],
            array_map(fn (FilmKind $kind): bool => $kind->protectsShadows(), FilmKind::cases()),
        );
    }

    public function test_push_and_pull_move_what_the_development_is_meant_for(): void
    {
        $film = fn (float $pushed, ?Iso $index = null): Film => new Film(
            'Kilnyard 400',
            Iso::of(400),
            FilmKind::BlackAndWhite,
            pushed: $pushed,
            exposureIndex: $index,
        );

        $this->assertSame('ISO 1600', (string) $film(2.0)->ratedSpeed());
        $this->assertSame('ISO 200', (string) $film(-1.0)->ratedSpeed());
        $this->assertEqualsWithDelta(0.0, $film(2.0)->beyondDevelopment(Iso::of(1600))->value, 1e-9);
        $this->assertEqualsWithDelta(-1.0, $film(0.0)->beyondDevelopment(Iso::of(800))->value, 1e-9);
        $this->assertSame('ISO 320', (string) $film(1.0, Iso::of(320))->ratedSpeed());
        $this->assertSame(3.0, $film(3.0)->pushed);
        $this->expectException(InvalidExposure::class);
        $film(3.1);
    }

    public function test_a_long_exposure_counts_for_less(): void
    {
        $film = new Film('x', Iso::of(100), FilmKind::Negative, reciprocity: 1.3);

        // 10 s metered become 20 s: so 20 s count for 10, a stop is lost.
        $this->assertEqualsWithDelta(1.0, $film->lostToReciprocity(10 ** 1.3)->value, 0.01);
        $this->assertSame(0.0, $film->lostToReciprocity(1.0)->value);
        $this->assertEqualsWithDelta(20 ** 1.3, $film->timeWith(Stops::of(1), 10 ** 1.3), 0.01);
        $this->assertEqualsWithDelta(2 ** 1.3, $film->timeWith(Stops::of(2), 0.5), 0.001);
        $this->assertSame(0.5, $film->timeWith(Stops::of(-1), 1.0));
    }

    public function test_a_film_that_cannot_be(): void
    {
        $this->expectException(InvalidExposure::class);
        new Film('x', Iso::of(400), FilmKind::Slide, reciprocity: 0.8);
    }

    public function test_how_water_looks(): void
    {
        $looks = array_map(fn (float $seconds): ?string => WaterLook::after($seconds)?->value, [
            1 / 1000,
            1 / 500,
            1 / 125,
            1 / 15,
            1 / 8,
            1 / 4,
            1 / 3,
            0.5,
            2,
            4,
            8,
            30,
        ]);

        $this->assertSame(
            ['frozen', 'frozen', null, 'shaped', 'shaped', 'shaped', null, 'silk', 'silk', null, 'mist', 'mist'],
            $looks,
        );
    }

    public function test_panning_streaks_what_stands_and_keeps_what_is_followed(): void
    {
        // A tricycle at 5 m/s, 10 m away, with 50 mm: the wall passes at 25 mm/s; 1 % of 36 mm is 0.36 mm, and 7 % of
        // the speed is left over.
        $pan = Pan::of(5, 50, 10, SensorFormat::fullFrame());

        $this->assertEqualsWithDelta(0.36 / 25, $pan->shortest(), 1e-6);
        $this->assertEqualsWithDelta((4 * 0.03) / 1.75, $pan->longest(), 0.001);
    }

    public function test_pans_that_ordinary_practice_makes_are_possible(): void
    {
        // A cyclist at 8 m/s, 10 m away, with 50 mm: 1/30 to 1/60 s.
        $cyclist = Pan::of(8, 50, 10, SensorFormat::fullFrame());
        $this->assertLessThan(1 / 60, $cyclist->shortest());
        $this->assertGreaterThan(1 / 30, $cyclist->longest());
        foreach ([24, 50, 100, 200] as $focalLength) {
            foreach ([3, 10, 30] as $speed) {
                foreach ([5, 15, 40] as $distance) {
                    $pan = Pan::of($speed, $focalLength, $distance, SensorFormat::fullFrame());
                    $this->assertGreaterThan(2 * $pan->shortest(), $pan->longest());
                }
            }
        }
    }

    public function test_the_sensor_s_numbers(): void
    {
        $sensor = SensorModel::typical(SensorFormat::fullFrame(), 24_000_000, Iso::of(100));
        $settings = new ExposureSettings(Aperture::of(16), ExposureTime::of(1 / 125), Iso::of(100));

        // ISO 12232: the 18 % grey of bright sun, 4096 cd/m², at f/16 and 1/128 s.
        $this->assertEqualsWithDelta((0.65 * 4096) / 128 / 256, SensorModel::focalPlaneExposure(4096, $settings), 1e-9);
        $this->assertEqualsWithDelta(2.474, $sensor->highlightHeadroom(Iso::of(100))->value, 0.001);
        $this->assertEqualsWithDelta(1.474, $sensor->highlightHeadroom(Iso::of(50))->value, 0.001);
        $this->assertEqualsWithDelta(2.474, $sensor->highlightHeadroom(Iso::of(3200))->value, 0.001);
        $this->assertGreaterThan(
            $sensor->midGreySignalToNoise(Iso::of(1600)),
            $sensor->midGreySignalToNoise(Iso::of(100)),
        );
        $this->assertEqualsWithDelta(
            3.0,
            SensorModel::typical(SensorFormat::fullFrame(), 24_000_000, readNoise: 24.0)
                ->dynamicRange(Iso::of(100))
                ->minus($sensor->dynamicRange(Iso::of(100)))
                ->negated()->value,
            1e-9,
        );
    }
}
