<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\HandHeldTooLong;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;

final class HandHeldTooLongTest extends TestCase
{
    public function test_two_stops_too_long_by_hand(): void
    {
        $finding = (new HandHeldTooLong())->judge(Situations::make(t: 1 / 13));

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertEqualsWithDelta(-log(50 / 12.6992, 2), $finding->evidence[0]->margin, 0.001);
    }

    public function test_long_by_hand_and_crisp_all_the_same_is_asked_about(): void
    {
        $of = fn (float $time, float $sharpness): ?Finding => (new HandHeldTooLong())->judge(
            Situations::make(t: $time, focus: ['subject' => ['sharpness' => $sharpness]]),
        );

        $doubt = $of(6.0, 0.6);
        $this->assertSame(Severity::Choice, $doubt?->severity);
        $this->assertStringContainsString('was it really held so?', $doubt->sentence);
        $this->assertNull($doubt->suggestion);
        $this->assertSame(Severity::Fault, $of(6.0, 0.3)?->severity, 'soft');
        $this->assertSame(Severity::Fault, $of(1 / 20, 0.6)?->severity, 'a stop and a third: hands differ');
    }

    public function test_a_time_that_the_camera_chose_is_told_with_what_keeps_it_from_that(): void
    {
        $said = fn (ExposureMode $mode): string => (string) (new HandHeldTooLong())->judge(
            Situations::make(t: 1 / 13, mode: $mode),
        )?->sentence;

        $this->assertStringContainsString('give automatic ISO 1/50 s', $said(ExposureMode::Aperture));
        $this->assertStringNotContainsString('The camera chose', $said(ExposureMode::Shutter));
    }

    public function test_a_monopod_holds_two_stops_longer(): void
    {
        $this->assertNull((new HandHeldTooLong())->judge(Situations::make(t: 1 / 13, support: Support::Monopod)));
    }

    public function test_a_tripod_sets_no_limit(): void
    {
        $this->assertNull((new HandHeldTooLong())->judge(Situations::make(t: 8.0, support: Support::Tripod)));
    }

    public function test_a_pan_that_suits_its_subject_is_no_fault_of_the_hands(): void
    {
        $cyclist = new Intent(
            distances: new IntendedDistances(subject: 10),
            movement: new Movement(MovementLook::Pan, 8),
        );
        $said = fn (float $time, ?Intent $intent): ?Finding => (new HandHeldTooLong())->judge(
            Situations::make(t: $time, focalLength: 100, intent: $intent ?? new Intent()),
        );

        $this->assertNotNull($said(1 / 60, null));
        $this->assertNull($said(1 / 60, $cyclist));
        $this->assertNotNull($said(1 / 8, $cyclist), 'longer than anybody follows');
    }
}
