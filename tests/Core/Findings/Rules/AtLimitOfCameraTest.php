<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\AtLimitOfCamera;

final class AtLimitOfCameraTest extends TestCase
{
    public function test_the_fastest_time_and_still_too_bright(): void
    {
        $finding = (new AtLimitOfCamera())->judge(
            Situations::make(n: 16, t: 1 / 8000, iso: 50, subject: 2.0, wanted: 0.0, kit: Situations::kit()),
        );

        $this->assertStringContainsString('fastest exposure time', (string) $finding?->sentence);
        $this->assertStringContainsString('filter of 2 stops', $finding->sentence);
    }

    public function test_what_another_value_can_still_do_is_told(): void
    {
        $said = fn (float $n, float $t, float $iso, float $subject): string => (string) (new AtLimitOfCamera())->judge(
            Situations::make(
                n: $n,
                t: $t,
                iso: $iso,
                subject: $subject,
                wanted: 0.0,
                kit: Situations::kit(['isoMin' => 100, 'isoMax' => 100 * 2 ** 9]),
                record: ['name' => $n > 16 ? 'Marlpit 200 mm' : 'Marlpit 50 mm'],
                focalLength: $n > 16 ? 200 : 50,
            ),
        )?->sentence;

        $bright = $said(22, 1 / 8, 400, 2.0);
        $this->assertStringContainsString('ISO 100, or 1/30 s puts it right', $bright);
        $this->assertStringNotContainsString('smaller aperture', $bright);
        $this->assertStringContainsString('ƒ/5 puts it right', $said(8, 30, 100, -4 / 3));
    }

    public function test_the_longest_time_and_still_too_dark(): void
    {
        $this->assertStringContainsString(
            'longest exposure time',
            (string) (new AtLimitOfCamera())->judge(
                Situations::make(n: 8, t: 30, subject: -2.0, wanted: 0.0, kit: Situations::kit()),
            )?->sentence,
        );
    }

    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> at an end, a step before */
    public static function ends(): iterable
    {
        $bright = ['subject' => 2.0];
        $dark = ['subject' => -2.0];
        yield 'fastest' => ['fastest exposure', ['t' => 1 / 4000, ...$bright], ['t' => 1 / 3200, ...$bright]];
        yield 'smallest' => ['smallest aperture', ['n' => 16, ...$bright], ['n' => 14, ...$bright]];
        yield 'longest' => ['longest exposure', ['t' => 30, ...$dark], ['t' => 25, ...$dark]];
        yield 'highest' => ['highest ISO', ['iso' => 6400, ...$dark], ['iso' => 5000, ...$dark]];
    }

    /**
     * @param  array<string, mixed>  $end
     * @param  array<string, mixed>  $before
     */
    #[DataProvider('ends')]
    public function test_a_step_before_an_end_is_no_end(string $words, array $end, array $before): void
    {
        $said = fn (array $set): ?string => (new AtLimitOfCamera())->judge(Situations::make(...[
            'n' => 8,
            't' => 1 / 60,
            'iso' => 400,
            'wanted' => 0.0,
            'kit' => Situations::kit(['fastest' => 1 / 4000, 'isoMax' => 6400]),
            'record' => ['name' => 'Marlpit 50 mm'],
            ...$set,
        ]))?->sentence;

        $this->assertStringContainsString($words, (string) $said($end));
        $this->assertNull($said($before));
    }

    public function test_the_lowest_iso_and_the_widest_aperture_are_told_beside_another_end_alone(): void
    {
        $said = fn (float $n, float $t, float $iso, float $subject): string => (string) (new AtLimitOfCamera())->judge(
            Situations::make(n: $n, t: $t, iso: $iso, subject: $subject, wanted: 0.0, kit: Situations::kit()),
        )?->sentence;

        $this->assertStringContainsString('the lowest ISO', $said(16, 1 / 8000, 50, 2.0));
        $this->assertStringNotContainsString('the lowest ISO', $said(16, 1 / 8000, 64, 2.0));
        $this->assertStringContainsString('the widest aperture', $said(1.8, 30, 100, -2.0));
        $this->assertStringNotContainsString('the widest aperture', $said(2.0, 30, 100, -2.0));
    }

    public function test_base_iso_and_the_widest_aperture_alone_are_no_wall(): void
    {
        $this->assertNull(
            (new AtLimitOfCamera())->judge(
                Situations::make(n: 1.8, t: 1 / 60, subject: -2.0, wanted: 0.0, kit: Situations::kit()),
            ),
        );
        $this->assertNull(
            (new AtLimitOfCamera())->judge(
                Situations::make(t: 1 / 8000, subject: 0.0, wanted: 0.0, kit: Situations::kit()),
            ),
        );
    }
}
