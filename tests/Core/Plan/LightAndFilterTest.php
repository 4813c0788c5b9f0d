<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Plan\FilterSum;
use TruePupil\Core\Plan\LightCondition;
use TruePupil\Core\Plan\Outing;
use TruePupil\Core\Plan\PlanFormat;
use TruePupil\Core\Sky\Location;
use TruePupil\Core\Sky\Weather;

final class LightAndFilterTest extends TestCase
{
    public function test_conditions_lie_where_light_meters_find_them(): void
    {
        // The bright-sun rule, to a third of a stop.
        $this->assertEqualsWithDelta(Ev100::BRIGHT_SUN, LightCondition::Sun->ev100()->value, 0.5);
        // 500 lx: log2(500 · 100 / 250) = 7.64.
        $this->assertEqualsWithDelta(7.644, LightCondition::Workshop->ev100()->value, 0.001);
        $this->assertEqualsWithDelta(-3.0, LightCondition::FullMoon->ev100()->value, 1.0);
        $order = [
            LightCondition::Sun,
            LightCondition::ThinCloud,
            LightCondition::Overcast,
            LightCondition::Sunset,
            LightCondition::Dusk,
            LightCondition::FullMoon,
            LightCondition::HalfMoon,
            LightCondition::Starlight,
        ];
        for ($i = 1; $i < count($order); $i++) {
            $this->assertLessThan($order[$i - 1]->ev100()->value, $order[$i]->ev100()->value, $order[$i]->value);
        }
        foreach (LightCondition::cases() as $condition) {
            $this->assertNotSame('', $condition->label());
        }
    }

    public function test_a_filter_s_arithmetic_is_said_in_stops_factor_and_density(): void
    {
        // Five stops from 1/8 s to 4 s: factor 32, density 1.5.
        $sum = FilterSum::of(5, ExposureTime::of(4));

        $this->assertSame('1/8 s', (string) $sum->without);
        $this->assertStringContainsString('5 stops take it to 4 s (factor 32, density 1.5)', $sum->sentence());
        $this->assertEqualsWithDelta(5.0, $sum->stops()->value, 1e-9);
    }

    public function test_the_light_of_a_planned_hour_follows_the_sun(): void
    {
        $at = fn (string $time): Outing => new Outing(
            Location::of(50.0, 10.0),
            new DateTimeImmutable('2026-06-21 '.$time, new DateTimeZone('Europe/Berlin')),
        );

        $this->assertEqualsWithDelta(Ev100::BRIGHT_SUN, $at('13:20')->light(Weather::Clear)->value, 0.7);
        $this->assertLessThan(
            $at('13:20')->light(Weather::Clear)->value - 2,
            $at('21:20')->light(Weather::Clear)->value,
        );
        $this->assertLessThan(0, $at('01:20')->light(Weather::Clear)->value);
        $this->assertLessThan(
            $at('13:20')->light(Weather::Clear)->value,
            $at('13:20')->light(Weather::Overcast)->value,
        );
    }

    public function test_instants_are_compared_where_the_record_has_its_offset(): void
    {
        $outing = new Outing(
            Location::of(50.0, 10.0),
            new DateTimeImmutable('2026-06-21 20:30', new DateTimeZone('Europe/Berlin')),
        );

        $this->assertSame(0.0,
            $outing->minutesOff(new DateTimeImmutable('2026-06-21 18:30', new DateTimeZone('+00:00'))));
        // A clock without an offset is the clock of the place.
        $this->assertSame(0.0, $outing->minutesOff(new DateTimeImmutable('2026-06-21 20:30', new DateTimeZone('UTC'))));
    }

    public function test_an_outing_travels_with_a_plan_file(): void
    {
        $plan = PlanFormat::read(
            Fields::of(['outing' => ['latitude' => 50, 'longitude' => 10, 'at' => '2026-06-21T13:20:00+02:00']]),
        );
        $this->assertSame(50.0, $plan->outing?->place->latitude);
        $this->assertSame(
            '2026-06-21T11:20:00+00:00',
            $plan->outing->at->setTimezone(new DateTimeZone('UTC'))->format(DATE_ATOM),
        );

        $this->expectExceptionMessage('"outing.at"');
        PlanFormat::read(Fields::of(['outing' => ['latitude' => 50, 'longitude' => 10, 'at' => 'some day']]));
    }
}
