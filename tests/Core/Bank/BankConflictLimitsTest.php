<?php

declare(strict_types=1);

namespace Tests\Core\Bank;

use PHPUnit\Framework\TestCase;
use Tests\Core\Parts;
use TruePupil\Core\Bank\Bank;
use TruePupil\Core\Bank\BankConflicts;
use TruePupil\Core\Bank\BankExposure;
use TruePupil\Core\Bank\BankHandling;
use TruePupil\Core\Bank\BankKind;
use TruePupil\Core\Bank\BankRange;
use TruePupil\Core\Bank\FocusArea;
use TruePupil\Core\Bank\PackUp;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\FocusMode;

/** Both sides of what a bank's settings may not do together. */
final class BankConflictLimitsTest extends TestCase
{
    public function test_a_stabiliser_is_out_of_place_from_half_a_second_on(): void
    {
        $this->assertStringNotContainsString('stabiliser', self::found(exposureTime: 0.4, stabiliser: true));
        $this->assertStringContainsString('stabiliser', self::found(exposureTime: 0.5, stabiliser: true));
        $this->assertStringNotContainsString('stabiliser', self::found(exposureTime: 0.5, stabiliser: false));
    }

    public function test_any_compensation_is_said_where_it_changes_nothing(): void
    {
        $said = 'nothing but the meter scale';
        $this->assertStringContainsString($said, self::found(compensation: 1 / 3));
        $this->assertStringContainsString($said, self::found(compensation: -1 / 3));
        $this->assertStringNotContainsString($said, self::found(compensation: 0.0));
        $this->assertStringNotContainsString(
            $said,
            self::found(mode: ExposureMode::Aperture, exposureTime: null, iso: null, compensation: 1.0),
        );
    }

    public function test_compensation_answers_manual_with_automatic_iso(): void
    {
        $bank = fn (float $stops): string => self::found(
            mode: ExposureMode::ManualAutoIso,
            iso: null,
            compensation: $stops,
        );
        $this->assertStringContainsString('whatever you set', $bank(0.0));
        $this->assertStringNotContainsString('whatever you set', $bank(1 / 3));
    }

    public function test_ready_starts_carry_no_conflict_of_their_own(): void
    {
        foreach (BankKind::cases() as $kind) {
            $this->assertSame([], BankConflicts::of($kind->start(), new BodyLimits(flashSync: 1 / 200)), $kind->value);
        }
    }

    public function test_bulb_keeps_its_time_and_wants_an_iso(): void
    {
        $bulb = fn (?float $iso): string => self::found(mode: ExposureMode::Bulb, exposureTime: 240, iso: $iso);

        $this->assertSame('', $bulb(100));
        $this->assertStringContainsString('In bulb nothing is metered', $bulb(null));
        $this->assertStringNotContainsString('Manual asks', $bulb(null));
    }

    public function test_an_iso_that_is_at_base_already_goes_nowhere(): void
    {
        $back = fn (float $iso): string => implode(
            ' ',
            PackUp::after(
                Parts::of(Bank::class, [
                    'kind' => BankKind::Street,
                    'name' => 'Test',
                    'mode' => ExposureMode::Manual,
                    'iso' => $iso,
                ]),
                Iso::of(100),
            ),
        );

        $this->assertStringNotContainsString('ISO', $back(100));
        $this->assertStringContainsString('ISO 400 back to ISO 100', $back(400));
    }

    public function test_a_range_ends_where_the_body_does(): void
    {
        $with = fn (float $highest): array => BankConflicts::of(
            new Bank(
                BankKind::Street,
                'Test',
                new BankExposure(ExposureMode::Aperture, 8),
                range: new BankRange(iso: $highest),
            ),
            new BodyLimits(isoMax: 6400),
        );
        $this->assertSame([], $with(6400));
        $this->assertSame(['The range goes up to ISO 8000; the body ends at ISO 6400.'], $with(8000));
    }

    public function test_an_area_that_follows_wants_focus_that_goes_on(): void
    {
        $with = fn (FocusMode $focus): array => BankConflicts::of(
            new Bank(
                BankKind::Street,
                'Test',
                new BankExposure(ExposureMode::Aperture, 8),
                new BankHandling($focus, area: FocusArea::Tracking),
            ),
            new BodyLimits(),
        );
        $this->assertSame(['A focus area that follows its subject needs continuous focus.'], $with(FocusMode::Single));
        $this->assertSame([], $with(FocusMode::Continuous));
    }

    public function test_animals_are_photographed_silently_and_the_mode_is_put_back(): void
    {
        foreach (BankKind::cases() as $kind) {
            if (str_contains($kind->label(), 'animals')) {
                $this->assertTrue($kind->start()->handling->silent, $kind->label());
            }
            $this->assertStringStartsWith(
                'mode from '.$kind->start()->exposure->mode->label(),
                PackUp::after($kind->start(), Iso::of(100))[0],
            );
        }
    }

    public function test_the_ends_of_the_body(): void
    {
        $limits = new BodyLimits(slowest: 30, fastest: 1 / 4000, isoMin: 100, isoMax: 6400, flashSync: 1 / 200);
        $sets = 'The body sets no';
        $this->assertStringNotContainsString($sets, self::found($limits, exposureTime: 1 / 4000, iso: 100));
        $this->assertStringContainsString($sets, self::found($limits, exposureTime: 1 / 5000, iso: 100));
        $this->assertStringNotContainsString($sets, self::found($limits, exposureTime: 30, iso: 6400));
        $this->assertStringContainsString($sets, self::found($limits, exposureTime: 40, iso: 6400));
        $this->assertStringContainsString($sets, self::found($limits, exposureTime: 1, iso: 80));
        $this->assertStringContainsString($sets, self::found($limits, exposureTime: 1, iso: 8000));
        $sync = 'flash sync';
        $this->assertStringNotContainsString($sync, self::found($limits, exposureTime: 1 / 200, flash: true));
        $this->assertStringContainsString($sync, self::found($limits, exposureTime: 1 / 250, flash: true));
    }

    private static function found(BodyLimits $limits = new BodyLimits(), mixed ...$changed): string
    {
        return implode(
            ' ',
            BankConflicts::of(
                Parts::of(Bank::class, [
                    'kind' => BankKind::Street,
                    'name' => 'Test',
                    'mode' => ExposureMode::Manual,
                    'exposureTime' => 1 / 60,
                    'iso' => 200.0,
                    ...$changed,
                ]),
                $limits,
            ),
        );
    }
}
