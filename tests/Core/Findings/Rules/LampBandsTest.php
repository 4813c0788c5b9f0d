<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Capture\PictureOrigin;
use TruePupil\Core\Findings\Rules\LampBands;
use TruePupil\Core\Findings\Severity;

final class LampBandsTest extends TestCase
{
    public function test_a_time_shorter_than_a_pulse_in_the_light_of_lamps_is_asked_about(): void
    {
        $finding = (new LampBands())->judge(
            Situations::make(n: 2.8, t: 1 / 500, iso: 3200, record: ['kelvin' => 3200, 'silent' => true]),
        );

        $this->assertSame(Severity::Choice, $finding?->severity);
        $this->assertStringContainsString('1/100 s or 1/50 s', $finding->sentence);
        $this->assertStringContainsString('mechanical shutter', $finding->sentence);
    }

    /** @param  array<string, mixed>  $record */
    #[DataProvider('limits')]
    public function test_each_limit_has_two_sides(bool $isAsked, float $time, float $iso, array $record): void
    {
        $this->assertSame(
            $isAsked,
            (new LampBands())->judge(Situations::make(n: 2.8, t: $time, iso: $iso, record: $record)) !== null,
        );
    }

    /** @return iterable<string, array{bool, float, float, array<string, mixed>}> */
    public static function limits(): iterable
    {
        // Two thirds of a pulse of 1/120 s is 1/180 s.
        yield 'short' => [true, 1 / 200, 3200, ['kelvin' => 3200]];
        yield 'nearly a pulse' => [false, 1 / 160, 3200, ['kelvin' => 3200]];
        yield 'balanced for lamps' => [true, 1 / 500, 3200, ['kelvin' => 4600]];
        yield 'balanced for daylight' => [false, 1 / 500, 3200, ['kelvin' => 4700]];
        // ƒ/2.8 and 1/500 s are EV 12: at ISO 800 a light of 9.
        yield 'as bright as lamps are' => [true, 1 / 500, 850, ['kelvin' => 3200]];
        yield 'brighter' => [false, 1 / 500, 700, ['kelvin' => 3200]];
        yield 'nobody knows its colour' => [false, 1 / 500, 3200, []];
        yield 'lit by a flash' => [false, 1 / 500, 3200, ['kelvin' => 3200, 'flashFired' => true]];
        yield 'put together' => [false, 1 / 500, 3200, ['kelvin' => 3200, 'origin' => PictureOrigin::Composite]];
    }
}
