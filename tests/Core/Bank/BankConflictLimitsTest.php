<?php

declare(strict_types=1);

namespace Tests\Core\Bank;

use PHPUnit\Framework\TestCase;
use Tests\Core\Parts;
use TruePupil\Core\Bank\Bank;
use TruePupil\Core\Bank\BankConflicts;
use TruePupil\Core\Bank\BankKind;
use TruePupil\Core\Bank\PackUp;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\ExposureMode;

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
