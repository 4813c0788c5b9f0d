<?php

declare(strict_types=1);

namespace Tests\Core\Bank;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Parts;
use TruePupil\Core\Bank\Bank;
use TruePupil\Core\Bank\BankConflicts;
use TruePupil\Core\Bank\BankFormat;
use TruePupil\Core\Bank\BankKind;
use TruePupil\Core\Bank\LensClamp;
use TruePupil\Core\Bank\PackUp;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\FocusMode;
use TruePupil\Core\Kit\Lens;

final class BankTest extends TestCase
{
    public function test_a_bank_stored_wide_open_is_clamped_by_a_slow_zoom(): void
    {
        $clamps = LensClamp::of($this->bank(fNumber: 2.0), new Lens('slow zoom', 100, 400, 4.5, 5.6, 32));

        $this->assertSame(
            ['ƒ/4.5', 'ƒ/5.6'],
            array_map(fn (LensClamp $clamp): string => (string) $clamp->given, $clamps),
        );
        // ƒ/2 to ƒ/5.6 is three stops; to ƒ/4.5, two and a third.
        $this->assertSame([7, 9], array_map(fn (LensClamp $clamp): int => $clamp->lost->inThirds(), $clamps));
        $this->assertTrue($clamps[1]->isClamped());
    }

    public function test_a_lens_that_has_enough_loses_nothing_and_one_that_closes_too_little_gives_too_much(): void
    {
        $this->assertFalse(LensClamp::of($this->bank(fNumber: 2.0), Lens::prime('fast', 50, 1.4))[0]->isClamped());
        $open = LensClamp::of($this->bank(fNumber: 22), Lens::prime('short scale', 50, 1.4, 16))[0];
        $this->assertSame(['ƒ/16', -3], [(string) $open->given, $open->lost->inThirds()]);
        $this->assertSame(
            [],
            LensClamp::of($this->bank(mode: ExposureMode::Shutter, exposureTime: 1 / 250), Lens::prime('any', 50, 2)),
        );
    }

    #[DataProvider('conflicts')]
    public function test_what_cannot_work_is_named(Bank $bank, string $says): void
    {
        $this->assertStringContainsString(
            $says,
            implode(' ', BankConflicts::of($bank, new BodyLimits(flashSync: 1 / 200, silentFastest: 1 / 16000))),
        );
    }

    public static function conflicts(): iterable
    {
        yield 'before the press, with the mechanical shutter' => [
            self::bank(drive: 'before-press'),
            'only the electronic shutter can do that',
        ];
        yield 'before the press, with a flash' => [
            self::bank(drive: 'before-press', silent: true, flash: true),
            'nothing tells it when',
        ];
        yield 'several exposures and a flash' => [
            self::bank(drive: 'composite', flash: true),
            'it fires for one of them or for none',
        ];
        yield 'flash, silent' => [
            self::bank(mode: ExposureMode::Manual, exposureTime: 1 / 160, iso: 200, flash: true, silent: true),
            'silent electronic shutter',
        ];
        yield 'above sync' => [
            self::bank(mode: ExposureMode::Manual, exposureTime: 1 / 500, iso: 200, flash: true),
            '1/500 s is shorter than the flash sync time of 1/200 s',
        ];
        yield 'manual with automatic ISO' => [
            self::bank(mode: ExposureMode::ManualAutoIso, exposureTime: 1 / 500),
            'whatever you set',
        ];
        yield 'manual without ISO' => [
            self::bank(mode: ExposureMode::Manual, exposureTime: 1 / 500),
            'an ISO of your own',
        ];
        yield 'an aperture in shutter priority' => [
            self::bank(mode: ExposureMode::Shutter, exposureTime: 1 / 500, fNumber: 4),
            'the camera chooses the aperture',
        ];
        yield 'a time in aperture priority' => [
            self::bank(exposureTime: 1 / 500, fNumber: 4),
            'the camera chooses the time',
        ];
        yield 'a time beyond the body' => [
            self::bank(mode: ExposureMode::Manual, exposureTime: 1 / 16000, iso: 200),
            'The body sets no 1/16000 s',
        ];
        yield 'an ISO beyond the body' => [self::bank(iso: 102400), 'The body sets no ISO 102400'];
        yield 'stabiliser on a tripod' => [
            self::bank(mode: ExposureMode::Manual, exposureTime: 15, iso: 3200, stabiliser: true),
            'Switch it off',
        ];
        yield 'burst without following' => [self::bank(drive: 'continuous'), 'Take continuous focus'];
        yield 'detection by hand' => [self::bank(focus: FocusMode::Manual, detection: 'eyes'), 'detection is not used'];
        yield 'compensation in manual' => [
            self::bank(mode: ExposureMode::Manual, exposureTime: 1 / 60, iso: 100, compensation: 1),
            'nothing but the meter scale',
        ];
    }

    public function test_a_plain_bank_has_no_conflict_and_the_silent_shutter_its_own_limit(): void
    {
        $body = new BodyLimits(flashSync: 1 / 200, silentFastest: 1 / 16000);

        $this->assertSame([], BankConflicts::of(self::bank(fNumber: 4), $body));
        $this->assertSame(
            [],
            BankConflicts::of(
                self::bank(mode: ExposureMode::Manual, exposureTime: 1 / 16000, iso: 200, silent: true),
                $body,
            ),
        );
        $this->assertSame(
            [],
            BankConflicts::of(
                self::bank(mode: ExposureMode::Manual, exposureTime: 1 / 200, iso: 200, flash: true),
                $body,
            ),
        );
    }

    public function test_what_is_left_over_is_put_back(): void
    {
        $night = PackUp::after(BankKind::NightSky->start(), Iso::of(100));
        foreach (
            [
                'focus back to automatic',
                'ISO from ISO 3200 back to ISO 100',
                'white balance from 4000 K back to automatic',
                'stabiliser on again',
                'torch',
            ] as $part
        ) {
            $this->assertStringContainsString($part, implode("\n", $night));
        }
        $street = PackUp::after(BankKind::Street->start(), Iso::of(100));
        $this->assertStringNotContainsString('torch', implode("\n", $street));
        $this->assertStringContainsString(
            'drive back to single',
            implode("\n", PackUp::after(BankKind::Sport->start(), Iso::of(100))),
        );
    }

    public function test_every_kind_starts_from_a_bank_that_an_ordinary_body_can_do(): void
    {
        foreach (BankKind::cases() as $kind) {
            $bank = $kind->start();
            $this->assertNotSame('', $kind->label().$kind->reason());
            // The one conflict that is in the nature of the mode is said, not avoided.
            $found = array_filter(
                BankConflicts::of($bank, new BodyLimits(flashSync: 1 / 160, silentFastest: 1 / 8000)),
                fn (string $one): bool => ! str_contains($one, 'whatever you set'),
            );
            $this->assertSame([], $found, $kind->value);
        }
    }

    public function test_a_bank_is_read_from_its_file_and_wrong_values_are_named(): void
    {
        $bank = BankFormat::read(
            Fields::of([
                'kind' => 'sport',
                'name' => 'Hall',
                'mode' => 'manual',
                'fNumber' => 2.8,
                'exposureTime' => 0.001,
                'iso' => 6400,
                'focus' => 'continuous',
                'drive' => 'continuous',
                'stabiliser' => false,
            ]),
        );
        $this->assertSame(
            ['Hall', 'ƒ/2.8', '1/1000 s', false],
            [$bank->name, (string) $bank->aperture(), (string) $bank->time(), $bank->handling->stabiliser],
        );

        $this->expectException(\InvalidArgumentException::class);
        BankFormat::read(Fields::of(['fNumber' => -2]));
    }

    private static function bank(ExposureMode $mode = ExposureMode::Aperture, mixed ...$more): Bank
    {
        return Parts::of(Bank::class, ['kind' => BankKind::Street, 'name' => 'Bank', 'mode' => $mode, ...$more]);
    }
}
