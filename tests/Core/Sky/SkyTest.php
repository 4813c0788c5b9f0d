<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Sky\InvalidSky;
use TruePupil\Core\Sky\JulianDay;
use TruePupil\Core\Sky\LightTable;
use TruePupil\Core\Sky\Location;
use TruePupil\Core\Sky\Moon;
use TruePupil\Core\Sky\MoonPhase;
use TruePupil\Core\Sky\PolarDay;
use TruePupil\Core\Sky\Sun;
use TruePupil\Core\Sky\SunDay;
use TruePupil\Core\Sky\Weather;

final class SkyTest extends TestCase
{
    /** Worked example 25.a of the source: 13 October 1992, 0 h dynamical time. */
    public function test_the_sun_s_place_of_the_published_example(): void
    {
        $sun = Sun::at($this->dynamical('1992-10-13'));

        $this->assertEqualsWithDelta(199.909, $sun->longitude, 0.001);
        $this->assertEqualsWithDelta(198.381 - 360, $sun->rightAscension, 0.001);
        $this->assertEqualsWithDelta(-7.785, $sun->declination, 0.001);
    }

    /** Worked examples 47.a and 48.a: 12 April 1992, 0 h dynamical time. */
    public function test_the_moon_s_place_and_phase_of_the_published_example(): void
    {
        $moon = Moon::at($this->dynamical('1992-04-12'));

        $this->assertEqualsWithDelta(134.688, $moon->rightAscension, 0.03);
        $this->assertEqualsWithDelta(13.768, $moon->declination, 0.03);
        $this->assertEqualsWithDelta(368_409.7, $moon->distance, 60);
        $this->assertEqualsWithDelta(0.6786, $moon->illuminated, 0.001);
        $this->assertSame(MoonPhase::WaxingGibbous, $moon->phase);
    }

    /** The nearest full and new moons to the total eclipses of these dates, when the three stand in line. */
    #[DataProvider('eclipses')]
    public function test_eclipses_happen_at_full_and_new_moon(
        string $moment,
        MoonPhase $phase,
        float $illuminated,
    ): void {
        $moon = Moon::at(JulianDay::fromTimestamp((float) strtotime($moment)));

        $this->assertSame($phase, $moon->phase);
        $this->assertEqualsWithDelta($illuminated, $moon->illuminated, 0.001);
    }

    public static function eclipses(): array
    {
        return [
            'sun, 1999' => ['1999-08-11T11:03:00Z', MoonPhase::NewMoon, 0.0],
            'sun, 2017' => ['2017-08-21T18:26:00Z', MoonPhase::NewMoon, 0.0],
            'sun, 2024' => ['2024-04-08T18:17:00Z', MoonPhase::NewMoon, 0.0],
            'moon, 2018' => ['2018-07-27T20:22:00Z', MoonPhase::FullMoon, 1.0],
            'moon, 2025' => ['2025-03-14T06:59:00Z', MoonPhase::FullMoon, 1.0],
        ];
    }

    public function test_the_moon_wanes_and_waxes_evenly_through_a_month(): void
    {
        $start = strtotime('2026-06-15T02:54:00Z');
        $half = Moon::at(JulianDay::fromTimestamp((float) strtotime('2026-06-21T21:55:00Z')));
        $this->assertEqualsWithDelta(0.5, $half->illuminated, 0.005);
        $this->assertSame(MoonPhase::FirstQuarter, $half->phase);
        $before = -1.0;
        for ($day = 0.0; $day < 14.0; $day += 0.5) {
            $lit = Moon::at(JulianDay::fromTimestamp($start + $day * 86400))->illuminated;
            $this->assertGreaterThan($before - 0.003, $lit);
            $before = $lit;
        }
    }

    public function test_sunrise_and_sunset_against_php_s_own(): void
    {
        $compared = 0;
        foreach (range(-60, 60, 10) as $latitude) {
            for ($day = 0; $day < 365; $day += 9) {
                $longitude = ($latitude * 37 + $day * 11) % 120;
                $date = (new DateTimeImmutable('2026-01-01T12:00:00Z'))
                    ->modify("+$day days")
                    ->setTimezone(new DateTimeZone(sprintf('%+03d:00', (int) round($longitude / 15))));
                $sun = new SunDay(Location::of($latitude, $longitude), $date);
                foreach (
                    [
                        'sunrise' => $sun->rises(),
                        'sunset' => $sun->sets(),
                        'civil_twilight_begin' => $sun->rises(SunDay::CIVIL),
                    ] as $what => $moment
                ) {
                    $difference =
                        $moment === null ? null : $this->secondsFromPhp($moment, $what, $latitude, $longitude);
                    if ($difference !== null) {
                        $compared++;
                        // PHP lets the sun rise when its centre is a degree down; it is seen from 50′ on.
                        $most = $what === 'civil_twilight_begin' ? 120 : 240;
                        $this->assertLessThanOrEqual($most, $difference, "$what at $latitude, $longitude on day $day");
                    }
                }
            }
        }
        $this->assertGreaterThan(1400, $compared);
    }

    /** Times that an almanac prints, to the minute. */
    public function test_sunrise_and_sunset_of_the_almanac(): void
    {
        foreach (
            [
                [59.91, 10.75, '2026-06-21', '+02:00', '03:54', '22:44'],
                [51.48, 0.0, '2026-06-21', '+00:00', '03:43', '20:21'],
                [51.48, 0.0, '2026-12-21', '+00:00', '08:04', '15:53'],
                [0.0, 0.0, '2026-03-20', '+00:00', '06:04', '18:11'],
            ] as [$latitude, $longitude, $day, $zone, $rises, $sets]
        ) {
            $date = new DateTimeImmutable($day.'T12:00:00'.$zone);
            $sun = new SunDay(Location::of($latitude, $longitude), $date);
            foreach ([[$rises, $sun->rises()], [$sets, $sun->sets()]] as [$printed, $moment]) {
                $there = new DateTimeImmutable($day.'T'.$printed.':00'.$zone);
                $this->assertEqualsWithDelta(
                    $there->getTimestamp(),
                    (int) $moment?->getTimestamp(),
                    75,
                    "$day $printed",
                );
            }
        }
    }

    /**
     * At ±65° the sun grazes the horizon near the solstices, so that seconds say little; there its height is compared.
     */
    public function test_at_65_degrees_the_sun_stands_at_the_horizon_when_php_says_it_rises(): void
    {
        foreach ([-65, 65] as $latitude) {
            for ($day = 0; $day < 365; $day += 5) {
                $facts = date_sun_info((int) strtotime("2026-01-01T12:00:00Z +$day days"), $latitude, 0);
                foreach (['sunrise', 'sunset'] as $what) {
                    $place = Sun::seenFrom(Location::of($latitude, 0), JulianDay::fromTimestamp((float) $facts[$what]));
                    $this->assertEqualsWithDelta(
                        SunDay::RISE - 1 / 6,
                        $place->altitude,
                        0.25,
                        "$what at $latitude on day $day",
                    );
                }
            }
        }
    }

    public function test_polar_day_and_polar_night_are_reported_as_such(): void
    {
        $summer = new SunDay(Location::of(70, 20), new DateTimeImmutable('2026-06-21T12:00:00+02:00'));
        $winter = new SunDay(Location::of(70, 20), new DateTimeImmutable('2026-12-21T12:00:00+01:00'));

        $this->assertSame([null, null, PolarDay::SunStaysUp], [$summer->rises(), $summer->sets(), $summer->polar()]);
        $this->assertSame(PolarDay::SunStaysDown, $winter->polar());
        $this->assertSame(
            PolarDay::SunStaysUp,
            (new SunDay(Location::of(-70, 20), new DateTimeImmutable('2026-12-21T12:00:00Z')))->polar(),
        );
        $this->assertNull((new SunDay(Location::of(50, 20), new DateTimeImmutable('2026-12-21T12:00:00Z')))->polar());
    }

    public function test_the_golden_hours_lie_about_sunrise_and_sunset(): void
    {
        $day = new SunDay(Location::of(48, 8), new DateTimeImmutable('2026-10-06T12:00:00+02:00'));
        $morning = $day->goldenMorning();
        $evening = $day->goldenEvening();

        $this->assertTrue(
            $morning['from'] < $day->rises() && $day->rises() < $morning['to'] && $morning['to'] < $day->noon(),
        );
        $this->assertTrue(
            $day->noon() < $evening['from'] && $evening['from'] < $day->sets() && $day->sets() < $evening['to'],
        );
        $this->assertSame('+02:00', $evening['to']->format('P'));
    }

    public function test_the_sun_stands_in_the_south_at_noon_and_rises_in_the_east(): void
    {
        $place = Location::of(48, 8);
        $day = new SunDay($place, new DateTimeImmutable('2026-03-20T12:00:00+01:00'));
        $azimuth = fn (?DateTimeImmutable $moment): float => Sun::seenFrom(
            $place,
            JulianDay::fromTimestamp((float) $moment?->getTimestamp()),
        )->azimuth;

        $this->assertEqualsWithDelta(180, $azimuth($day->noon()), 0.6);
        $this->assertEqualsWithDelta(90, $azimuth($day->rises()), 2);
        $this->assertEqualsWithDelta(270, $azimuth($day->sets()), 2);
    }

    public function test_light_by_condition(): void
    {
        // The bright-sun rule, f/16 at one over ISO, is EV 14.6; a full moon is some 18 stops less.
        $this->assertEqualsWithDelta(14.64, LightTable::ev100(40, Weather::Clear)->value, 0.4);
        $this->assertEqualsWithDelta(-3.5, LightTable::ev100(-30, Weather::Clear, 50, 0)->value, 0.5);
        foreach ([60, 30, 15, 5] as $height) {
            $by = fn (Weather $weather): float => LightTable::ev100($height, $weather)->value;
            $this->assertGreaterThan($by(Weather::OpenShade), $by(Weather::Clear));
            $this->assertGreaterThan($by(Weather::Overcast), $by(Weather::ThinCloud));
        }
    }

    public function test_clouds_and_shade_take_whole_stops_from_the_sun(): void
    {
        $under = fn (float $height, Weather $weather): float => LightTable::ev100($height, Weather::Clear)->value -
            LightTable::ev100($height, $weather)->value;
        foreach ([50.0, 20.0, 2.0, 0.5, -4.0] as $height) {
            $this->assertEqualsWithDelta(1.0, $under($height, Weather::ThinCloud), 0.2, "thin cloud at $height");
            $this->assertEqualsWithDelta(2.0, $under($height, Weather::Overcast), 0.2, "overcast at $height");
            $this->assertEqualsWithDelta(3.0, $under($height, Weather::HeavyOvercast), 0.2, "heavy at $height");
            $this->assertGreaterThanOrEqual(0.0, $under($height, Weather::OpenShade), "shade at $height");
        }
        $this->assertEqualsWithDelta(3.0, $under(60, Weather::OpenShade), 0.2);
        $this->assertLessThan(1.5, $under(2, Weather::OpenShade));
    }

    public function test_light_does_not_fall_by_stops_in_the_last_degree(): void
    {
        foreach (Weather::cases() as $weather) {
            $fall = LightTable::ev100(1.0, $weather)->value - LightTable::ev100(-0.01, $weather)->value;
            $this->assertLessThan(2.0, $fall, $weather->value);
        }
    }

    public function test_less_sun_is_never_more_light(): void
    {
        foreach (Weather::cases() as $weather) {
            $before = 99.0;
            for ($height = 60.0; $height >= -20.0; $height -= 0.5) {
                $ev = LightTable::ev100($height, $weather)->value;
                $this->assertLessThanOrEqual($before + 0.01, $ev, "{$weather->value} at $height degrees");
                $before = $ev;
            }
        }
    }

    public function test_places_that_cannot_be(): void
    {
        foreach ([[90.5, 0.0], [0.0, 181.0], [NAN, 0.0]] as [$latitude, $longitude]) {
            try {
                Location::of($latitude, $longitude);
                $this->fail("$latitude, $longitude was taken");
            } catch (InvalidSky $problem) {
                $this->assertMatchesRegularExpression('/got (90.5|181|NAN)/', $problem->getMessage());
            }
        }
    }

    /** PHP works from one UTC day; the nearest of three is the one meant. */
    private function secondsFromPhp(DateTimeImmutable $moment, string $what, float $latitude, float $longitude): ?int
    {
        $nearest = null;
        foreach ([-86400, 0, 86400] as $offset) {
            $known = date_sun_info($moment->getTimestamp() + $offset, $latitude, $longitude)[$what];
            if (! is_bool($known) && $known > 1) {
                $nearest = min($nearest ?? PHP_INT_MAX, abs($known - $moment->getTimestamp()));
            }
        }

        return $nearest;
    }

    private function dynamical(string $date): JulianDay
    {
        return JulianDay::fromTimestamp((float) strtotime($date.'T00:00:00Z') - 70);
    }

    public function test_low_light_goes_on_past_midnight_where_nights_are_short(): void
    {
        $text = fn (?DateTimeImmutable $at): ?string => $at?->format('j H:i');
        $day = new SunDay(Location::of(62.5, 10.0), new DateTimeImmutable('2026-06-21T12:00:00+02:00'));
        $evening = $day->goldenEvening();
        $this->assertSame('21', $evening['from']?->format('j'));
        $this->assertStringStartsWith('22 0', (string) $text($evening['to']));

        // Trondheim: the low sun of 1 June lasts into the next day.
        $trondheim = new SunDay(Location::of(63.43, 10.4), new DateTimeImmutable('2026-06-01T12:00:00+02:00'));
        $low = $trondheim->goldenEvening();
        $expected = ['2026-06-01T21:32:00+02:00', '2026-06-02T00:33:00+02:00'];
        foreach ([$low['from'], $low['to']] as $which => $moment) {
            $this->assertEqualsWithDelta(
                (new DateTimeImmutable($expected[$which]))->getTimestamp(),
                $moment?->getTimestamp(),
                240,
            );
        }
        $this->assertSame('1', $trondheim->sets()?->format('j'), 'sunset belongs to the evening asked for');
    }
}
