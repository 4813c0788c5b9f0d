<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Pictures;

/** What a student does on the phone on the way: plans a night, loads a bank and a roll, draws layers, climbs a rung. */
#[Group('long')]
final class OnTheWayTest extends BrowserTestCase
{
    public function test_a_night_is_planned_shot_and_climbed_on_a_phone(): void
    {
        $address = $this->newCourse('Night ladder');
        $this->open(390, 844);
        $this->join($address, 'Nora Night');
        $this->press('Night ladder');
        $this->press('Plan it');
        $this->unfold('Everything that a plan can say');
        $this->unfold('Does one frame hold it?');
        $this->type('[name=darkEv]', '-2');
        $this->type('[name=brightEv]', '12');
        $this->leaveTheField();
        $this->see('Range');
        $this->see('14 stops');
        $this->select('#plan-everything [name=condition]', 'half-moon');
        $this->see('Settings that fit');
        $this->browser()->wait(20, 100)->until(fn (): bool => (bool) $this->browser()->executeScript(
            'return document.querySelector(".htmx-request") === null',
        ));
        $this->tap('.plan-choice input');
        $this->see('Taken. Your frames will be held against it');
        $this->unfold('Before you leave, in the dark');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
        $this->press('Hand in for attempt 1');

        // The frame says the next rung, what its layers take, and that it comes out of a video.
        $this->choose('#picture', Pictures::jpeg(patch: 255, ground: 90, record: Pictures::record(2.8, 15, 800)));
        $this->press('Send the picture');
        $this->see('Prepare your frame', 60);
        $this->subjectInNumbers(40, 30, 20, 40);
        foreach (['near' => '5,85 95,97', 'far' => '5,3 95,20'] as $layer => $corners) {
            $this->select('#mark-kind', $layer);
            $this->press('Add it in numbers');
            $this->type('[data-mark-row]:last-child [data-points]', $corners);
        }
        $this->assertSame(2, $this->howMany('[data-mark-row]'));
        $this->press('Next');
        $this->unfold('More about it');
        $this->select('[name="stated[origin]"]', 'video');
        $this->tap('[name="stated[support]"][value=tripod] + span');
        $this->press('Check this frame');
        $this->see('Next rung: 8 s', 60);
        $this->browser()->wait(20, 200)->until(fn (): bool => str_contains(
            (string) $this->browser()->executeScript('return document.body.textContent'),
            'the far layer takes',
        ) || str_contains(
            (string) $this->browser()->executeScript('return document.body.textContent'),
            'The near layer takes',
        ), 'the layers are told');
        $this->assertStringContainsString(
            'a frame out of a video',
            (string) $this->browser()->executeScript('return document.body.textContent'),
        );
        $this->assertNothingSticksOut();
    }

    public function test_a_bank_and_a_roll_are_at_hand_on_a_phone(): void
    {
        $address = $this->newCourse('Film day');
        $this->open(390, 844);
        $this->join($address, 'Fred Film');
        $this->visit('/banks/new?kind=street');
        $this->type('[name=fNumber]', '2');
        $this->type('[name=fNumberTo]', '5.6');
        $this->type('[name=season]', 'winter');
        $this->assertNothingSticksOut();
        $this->press('Save the bank');
        $this->see('as far as ƒ/5.6');

        $this->visit('/');
        $this->press('Film day');
        $this->press('Your rolls of film');
        $this->press('Load a roll');
        $this->type('[name=name]', 'Roll 3');
        $this->type('[name=boxSpeed]', '400');
        $this->type('[name=index]', '200');
        $this->press('Begin its log');
        $this->see('gets 1 stop more light than it is developed for');
        // Written on paper on the way, and typed into a table at home.
        $table = Pictures::path('csv');
        file_put_contents($table, "frame,aperture,time,reading,from\n1,16,1/400,,\n2,8,1/60,9,shadow\n");
        $this->choose('#file', $table);
        $this->press('Take it in');
        $this->see('6 entries are new from the file.');
        $this->unfold('ƒ/8 · 1/60');
        $this->see('The darkest place fell');
        $this->assertNothingSticksOut();
        $this->press('Order for the laboratory');
        $this->see('colour negative, normal');
        $this->assertAccessible();
        $this->press('Change it');
        $this->press('Keep the roll');
        $this->press('Card to print');
        $this->see('Read from:');
        $this->assertNothingSticksOut();
    }

    private function select(string $css, string $value): void
    {
        $this->browser()->executeScript(
            'const field = document.querySelector(arguments[0]); field.value = arguments[1];
            field.dispatchEvent(new Event("change", { bubbles: true }));',
            [$css, $value],
        );
    }

    private function leaveTheField(): void
    {
        $this->browser()->executeScript('document.activeElement.blur()');
    }
}
