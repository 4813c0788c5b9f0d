<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Sky\JulianDay;
use TruePupil\Core\Sky\Location;
use TruePupil\Core\Sky\Moon;
use TruePupil\Core\Sky\MoonDay;
use TruePupil\Core\Sky\SunDay;

final class MoonDayTest extends TestCase
{
    public function test_at_rise_and_set_its_upper_edge_meets_the_horizon_and_it_goes_the_right_way(): void
    {
        foreach ([[52.0, 10.0], [-33.9, 18.4], [0.0, 36.8]] as [$latitude, $longitude]) {
            $place = Location::of($latitude, $longitude);
            foreach (range(0, 29, 4) as $later) {
                $day = new MoonDay($place,
                    (new DateTimeImmutable('2026-05-01T12:00:00+02:00'))->modify("+$later days"));
                foreach ([[$day->rises(), 1], [$day->sets(), -1]] as [$moment, $way]) {
                    if ($moment !== null) {
                        $altitude = fn (int $off): float => Moon::seenFrom(
                            $place,
                            JulianDay::fromTimestamp((float) $moment->getTimestamp() + $off),
                        )->altitude;
                        $this->assertEqualsWithDelta(MoonDay::RISE, $altitude(0), 0.02);
                        $this->assertGreaterThan(0.0, $way * ($altitude(300) - $altitude(-300)));
                        $this->assertSame('+02:00', $moment->format('P'));
                    }
                }
            }
        }
    }

    public function test_it_is_about_fifty_minutes_later_every_day_and_stays_away_once_a_month(): void
    {
        $place = Location::of(20.0, 10.0);
        $rises = [];
        for ($day = 0; $day < 59; $day++) {
            $rises[] = (new MoonDay($place, new DateTimeImmutable("2026-05-01T00:00:00+00:00 +$day days")))->rises();
        }
        $known = array_values(array_filter($rises));

        // In two months of phases it rises twice less often than the sun.
        $this->assertCount(57, $known);
        $between = ($known[56]->getTimestamp() - $known[0]->getTimestamp()) / 56;
        $this->assertEqualsWithDelta(24 * 3600 + 50.5 * 60, $between, 3 * 60);
    }

    public function test_the_full_moon_rises_about_when_the_sun_sets(): void
    {
        // Full on 31 May 2026 at 8:45 UT.
        $place = Location::of(0.0, 0.0);
        $day = new DateTimeImmutable('2026-05-31T12:00:00+00:00');
        $apart = (new MoonDay($place, $day))->rises()?->getTimestamp() - (new SunDay($place,
            $day))->sets()?->getTimestamp();

        $this->assertLessThan(50 * 60, abs($apart));
    }

    public function test_where_it_does_not_rise_for_days_nothing_is_said(): void
    {
        $place = Location::of(85.0, 0.0);
        $moments = array_map(
            fn (int $day): ?DateTimeImmutable => (new MoonDay(
                $place,
                new DateTimeImmutable("2026-05-01T00:00:00+00:00 +$day days"),
            ))->rises(),
            range(0, 26),
        );

        $this->assertLessThan(8, count(array_filter($moments)));
    }
}
