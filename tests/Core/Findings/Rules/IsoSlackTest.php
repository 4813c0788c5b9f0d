<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachToLight;
use TruePupil\Core\Approach\IsoSetting;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\IsoSlack;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\IntendedSubject;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Intent\SubjectKind;
use TruePupil\Core\Kit\Support;

final class IsoSlackTest extends TestCase
{
    public function test_two_stops_of_room_by_hand(): void
    {
        $finding = (new IsoSlack())->judge(Situations::make(t: 1 / 400, iso: 800));

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertEqualsWithDelta(2.02, $finding->evidence[0]->value, 0.01);
    }

    public function test_a_stop_faster_than_hands_just_hold_is_good_practice(): void
    {
        $wide = fn (float $time): ?Finding => (new IsoSlack())->judge(
            Situations::make(t: $time, iso: 12800, focalLength: 27),
        );

        $this->assertNull($wide(1 / 100));
        $this->assertNotNull($wide(1 / 125));
    }

    public function test_a_tripod_is_another_finding_s_business(): void
    {
        $this->assertNull((new IsoSlack())->judge(Situations::make(t: 1 / 8, iso: 400, support: Support::Tripod)));
    }

    public function test_movement_takes_the_room_that_hands_would_leave(): void
    {
        // Hands hold 1/50 s, a walker to be frozen only 1/471 s: of more than four stops at 1/1000 s 1.1 are left.
        $walker = new Intent(
            distances: new IntendedDistances(subject: 5),
            movement: new Movement(MovementLook::Freeze, 1.4),
        );
        $finding = (new IsoSlack())->judge(Situations::make(t: 1 / 1000, iso: 12800, intent: $walker));

        $this->assertEqualsWithDelta(log(1024 / 471.4, 2), $finding?->evidence[0]->value, 0.02);
        $this->assertStringContainsString('before the movement blurs', $finding->sentence);
    }

    public function test_nobody_is_told_to_lean_on_a_stabiliser(): void
    {
        $of = fn (float $stops): ?Finding => (new IsoSlack())->judge(
            Situations::make(t: 1 / 50, iso: 400, kit: Situations::kit(['stabiliserStops' => $stops])),
        );

        $this->assertNull($of(0));
        $this->assertNull($of(4));
    }

    public function test_a_little_of_an_iso_that_is_lived_with_is_nothing(): void
    {
        $kit = Situations::kit(['comfortableIso' => 1600]);
        $of = fn (float $time, float $iso): ?Finding => (new IsoSlack())->judge(
            Situations::make(t: $time, iso: $iso, kit: $kit),
        );

        $this->assertNull($of(1 / 320, 1600), 'one stop and two thirds to spare');
        $this->assertNotNull($of(1 / 400, 1600), 'two');
        $this->assertNotNull($of(1 / 320, 2000), 'beyond what is lived with');
    }

    public function test_people_are_given_a_stop_more_than_they_need(): void
    {
        $of = fn (float $time): ?Finding => (new IsoSlack())->judge(Situations::make(
            t: $time,
            iso: 12800,
            intent: new Intent(contents: new IntendedContents(about: new IntendedSubject(SubjectKind::People))),
        ));

        // Talking they are held by 1/125 s; a stop faster is good practice, and another is nothing to speak of.
        $this->assertNull($of(1 / 400));
        $this->assertNotNull($of(1 / 800));
    }

    public function test_where_iso_is_automatic_it_is_the_camera_s_doing(): void
    {
        $finding = (new IsoSlack())->judge(
            Situations::make(
                t: 1 / 400,
                iso: 800,
                approach: new Approach(light: new ApproachToLight(iso: IsoSetting::Automatic)),
            ),
        );

        $this->assertSame(Severity::Weakness, $finding?->severity);
        $this->assertNotNull($finding->otherView);
    }

    public function test_iso_that_the_light_needed_says_nothing(): void
    {
        $this->assertNull((new IsoSlack())->judge(Situations::make(t: 1 / 50, iso: 3200)));
        $this->assertNull((new IsoSlack())->judge(Situations::make(t: 1 / 1000, iso: 100)));
    }
}
