<?php

declare(strict_types=1);

namespace Tests\Core\Exposure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\LightLedger;
use TruePupil\Core\Exposure\NeutralDensity;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Exposure\ZoneOfTone;

final class LightTest extends TestCase
{
    #[DataProvider('exposures')]
    public function test_exposure_value_from_the_numbers_as_written(float $n, float $t, float $iso, float $ev100): void
    {
        $this->assertEqualsWithDelta($ev100, Ev100::fromNumbers($n, $t, $iso)->value, 0.0006);
    }

    public static function exposures(): array
    {
        return [[16, 1 / 125, 100, 14.966], [2.8, 1 / 60, 800, 5.878], [4, 20, 3200, -5.322], [11, 1 / 4, 64, 9.563]];
    }

    public function test_luminance_and_illuminance(): void
    {
        $this->assertEqualsWithDelta(4000, Ev100::fromNumbers(16, 1 / 125, 100)->luminance(), 0.01);
        $this->assertEqualsWithDelta(7.35, Ev100::fromNumbers(2.8, 1 / 60, 800)->luminance(), 0.005);
        $this->assertEqualsWithDelta(80000, Ev100::fromNumbers(16, 1 / 125, 100)->illuminance(), 0.1);
        $this->assertEqualsWithDelta(9.3, Ev100::fromLuminance(Ev100::of(9.3)->luminance())->value, 1e-9);
    }

    public function test_bright_sun_rule(): void
    {
        $this->assertEqualsWithDelta(14.64, Ev100::fromNumbers(16, 1 / 100, 100)->value, 0.005);
    }

    public function test_with_scale_values_f16_at_125th_is_ev_15(): void
    {
        $this->assertEqualsWithDelta(15.0, $this->settings(16, 1 / 125, 100)->ev100()->value, 1e-9);
    }

    public function test_equivalent_settings_expose_alike(): void
    {
        $first = $this->settings(8, 1 / 125, 400);
        foreach ([[5.6, 1 / 250, 400], [8, 1 / 500, 1600], [11, 1 / 15, 100], [2.8, 1 / 250, 100]] as [$n, $t, $iso]) {
            $this->assertEqualsWithDelta(0, $this->settings($n, $t, $iso)->stopsBrighterThan($first)->value, 1e-9);
        }
        $this->assertEqualsWithDelta(1, $first->withIso(Iso::of(800))->stopsBrighterThan($first)->value, 1e-9);
        $this->assertEqualsWithDelta(
            -2,
            $first->withAperture(Aperture::of(16))->stopsBrighterThan($first)->value,
            1e-9,
        );
        $this->assertEqualsWithDelta(
            3,
            $first->withTime(ExposureTime::of(1 / 15))->stopsBrighterThan($first)->value,
            1e-9,
        );
    }

    public function test_filters(): void
    {
        $this->assertEqualsWithDelta(4.0, NeutralDensity::between(1 / 8, 4, 200, 100)->stops->value, 1e-9);
        $this->assertEqualsWithDelta(7.0, NeutralDensity::between(1 / 125, 1)->stops->value, 0.005, 'by the dial');
        $this->assertEqualsWithDelta(9.97, NeutralDensity::ofFactor(1000)->stops->value, 0.005);
        $this->assertEqualsWithDelta(2.99, NeutralDensity::ofDensity(0.9)->stops->value, 0.005);
        $this->assertEqualsWithDelta(64, NeutralDensity::ofStops(6)->factor(), 1e-9);
    }

    public function test_zones(): void
    {
        $this->assertSame('V', ZoneOfTone::of(Stops::of(0.2)));
        $this->assertSame('VII', ZoneOfTone::of(Stops::of(1.67)));
        $this->assertSame('0', ZoneOfTone::of(Stops::of(-9)));
    }

    public function test_the_ledger_s_lines_add_up_to_the_exposure_error(): void
    {
        // A subject that f/5.6 1/60 s ISO 100 would render as mid-grey, photographed two thirds brighter than that.
        $light = $this->settings(5.6, 1 / 60, 100)->ev100();
        $ledger = LightLedger::of($light, $this->settings(5.6, 1 / 40, 100), Stops::of(4 / 3), Stops::of(2 / 3));

        $this->assertEqualsWithDelta(2 / 3 - 4 / 3, $ledger->balance->value, 1e-9);
        $counted = array_filter($ledger->lines, fn ($line) => ! $line->memorandum);
        $this->assertEqualsWithDelta(
            $ledger->balance->value,
            array_sum(array_map(fn ($line) => $line->stops->value, $counted)),
            1e-9,
        );
        $this->assertTrue($ledger->line('compensation')?->memorandum);
    }

    public function test_a_filter_takes_its_stops_from_the_balance(): void
    {
        $settings = $this->settings(8, 1 / 2, 100);
        $without = LightLedger::of(Ev100::of(7), $settings, Stops::none());
        $with = LightLedger::of(Ev100::of(7), $settings, Stops::none(), filter: Stops::of(3));

        $this->assertEqualsWithDelta(-3, $with->balance->minus($without->balance)->value, 1e-9);
        $this->assertNull($without->line('filter'));
    }

    public function test_comparing_ledgers_shows_which_lines_moved(): void
    {
        $before = LightLedger::of(Ev100::of(10), $this->settings(4, 1 / 200, 400), Stops::of(4 / 3));
        $after = LightLedger::of(Ev100::of(10), $this->settings(4, 1 / 50, 200), Stops::of(4 / 3), Stops::of(1));
        $rows = array_column($after->against($before), null, 'id');

        $this->assertEqualsWithDelta(-1, $rows['iso']['change']->value, 1e-9);
        $this->assertEqualsWithDelta(2, $rows['time']['change']->value, 1e-9);
        $this->assertEqualsWithDelta(0, $rows['aperture']['change']->value, 1e-9);
        $this->assertNull($rows['compensation']['change']);
        $this->assertArrayNotHasKey('filter', $rows);
    }

    public function test_light_that_cannot_be_is_refused(): void
    {
        $this->expectException(InvalidExposure::class);
        Ev100::fromLuminance(0.0);
    }

    private function settings(float $n, float $t, float $iso): ExposureSettings
    {
        return new ExposureSettings(Aperture::of($n), ExposureTime::of($t), Iso::of($iso));
    }
}
