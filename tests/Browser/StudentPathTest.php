<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Pictures;

/** A beginner's first evening on a phone: always one thing to do next, up to the first hand-in; a plan; five drills. */
#[Group('long')]
final class StudentPathTest extends BrowserTestCase
{
    /** @return iterable<string, array{int, int}> */
    public static function phones(): iterable
    {
        yield 'a phone' => [390, 844];
        yield 'a small phone' => [320, 640];
    }

    #[DataProvider('phones')]
    public function test_the_next_step_leads_from_joining_to_the_first_hand_in(int $width, int $height): void
    {
        $address = $this->newCourse('The meter is fooled');
        $this->open($width, $height);
        $this->join($address, 'Ferdi Firsttime');
        $this->isInOrder();
        // The camera first; the list leads back.
        $this->see('Set up your camera');
        $this->tap('.next-step .button');
        $this->see('Save the list');
        $this->isInOrder();
        $this->tap('input[name="ticked[]"]');
        $this->press('Save the list');
        $this->see('the rest stays here');
        $this->press('On to your course');
        // Then the brief, with what it asks before what it takes.
        $this->see('Begin');
        $this->tap('.next-step .button');
        $this->see('Take care');
        $this->isInOrder();
        $this->handInWhite(Pictures::jpeg(patch: 200));
        $this->assertNothingSticksOut();
        // Nothing more to do for it: the next step is another.
        $this->visit('/');
        $this->see('Practise');
        $this->isInOrder();
    }

    #[DataProvider('phones')]
    public function test_a_plan_is_answered_in_four_taps(int $width, int $height): void
    {
        $address = $this->newCourse('Same light, three ways');
        $this->open($width, $height);
        $this->join($address, 'Paula Planner');
        $this->press('Plan it');
        $this->see('What light will there be?');
        $this->isInOrder();
        $taps = 0;
        foreach (['light' => 'overcast', 'movement' => 'walking', 'depth' => 'person'] as $question => $answer) {
            $this->see('What is to be sharp?');
            $this->tap(sprintf('#plan-questions [name=%s][value=%s] + span', $question, $answer));
            $this->browser()->wait(20, 100)->until(
                fn (): bool => $this->howMany("[name=$question]:checked") === 1,
            );
            $taps++;
        }
        $this->see('Settings that fit');
        // The last answer has been worked out, and nothing is drawn anew any more.
        $this->browser()->wait(20, 100)->until(fn (): bool => (bool) $this->browser()->executeScript(
            'return document.querySelector(".htmx-request") === null
                && document.querySelector("#answer").textContent.includes("focus at 3.00 m")',
        ));
        $this->tap('.plan-choice');
        $taps++;
        $this->see('Taken. Your frames will be held against it');
        $this->assertSame(4, $taps);
        $this->isInOrder();

        // The whole plan shows what was answered and no metres that nobody named; infinity is one tap.
        $this->unfold('Everything that a plan can say');
        $field = fn (string $name): string => (string) $this->find("#plan-everything [name=$name]")
            ->getAttribute('value');
        $this->assertSame(['3', '', ''], array_map($field, ['subject', 'far', 'speed']));
        $this->tap('[data-fill=far]');
        // What is pressed next is drawn anew by the answer to it.
        $this->browser()->wait(20, 100)->until(fn (): bool => $field('far') === '∞' && $this->browser()->executeScript(
            'return document.querySelector(".htmx-request") === null',
        ) === true);
        $this->assertNothingSticksOut();
        $this->press('Hand in for attempt 1');
        $this->see('Your frames');
    }

    public function test_here_and_now_is_filled_in_after_the_person_agrees(): void
    {
        $address = $this->newCourse('Same light, three ways');
        $this->open(390, 844);
        $this->join($address, 'Willa Where');
        $this->press('Plan it');
        $this->unfold('Everything that a plan can say');
        $this->tap('#plan-everything [name=way][value=sky]');
        $this->see('Still missing: the latitude, the longitude');
        // Denied, everything stays as it was.
        $answer = fn (string $script) => $this->browser()->executeScript(
            "Object.defineProperty(navigator, 'geolocation', { configurable: true, value: { $script } })",
        );
        $answer('getCurrentPosition: (found, denied) => denied()');
        $this->tap('[data-here]');
        $this->see('Your device did not tell.');
        $this->assertSame('', $this->find('[name=lat]')->getAttribute('value'));
        $answer('getCurrentPosition: (found) => found({ coords: { latitude: 48.13714, longitude: 11.57532 } })');
        $this->tap('[data-here]');
        $this->see('Filled in.');
        $this->assertSame('48.14', $this->find('[name=lat]')->getAttribute('value'), 'no nearer than a kilometre');
        $this->see('Settings that fit');
        $this->assertAccessible();
    }

    #[DataProvider('phones')]
    public function test_a_round_of_five_drills(int $width, int $height): void
    {
        $address = $this->newCourse('The meter is fooled');
        $this->open($width, $height);
        $this->join($address, 'Drusilla Drill');
        $this->visit('/drills');
        $this->see('Five a day');
        $this->isInOrder();
        $this->press('Begin');
        for ($drill = 1; $drill <= 5; $drill++) {
            $this->see('Your answer');
            $this->assertNothingSticksOut();
            if ($this->howMany('[name=answer][type=radio]') > 0) {
                $this->tap('[name=answer][type=radio] + span');
            } else {
                $unit = $this->find('label[for=answer]')->getText();
                $this->type('#answer', str_contains($unit, 'stops') ? '+1' : '400');
            }
            $this->press('Answer');
            $this->see('The answer is');
            $this->assertNothingSticksOut();
            $this->assertSame($drill, $this->howMany('.round-right, .round-wrong'));
            if ($drill < 5) {
                $this->press('Next');
            }
        }
        $this->see('That was today’s round');
        $this->assertAccessible();
    }

    private function isInOrder(): void
    {
        $this->assertNothingSticksOut();
        $this->assertAccessible();
        // What a finger types in is not zoomed in on, and what it taps is large enough.
        [$small, $low] = $this->browser()->executeScript(
            'const seen = (one) => one.checkVisibility() && one.getBoundingClientRect().width > 0;
            const fields = [...document.querySelectorAll(
                "main input:not([type=radio]):not([type=checkbox]):not([type=range]):not([type=hidden]), main select, "
                + "main textarea")].filter(seen);
            const taps = [...document.querySelectorAll("main button, main .button, main .chip span")].filter(seen);
            return [
                fields.filter((one) => parseFloat(getComputedStyle(one).fontSize) < 16).map((one) => one.name),
                taps.filter((one) => one.getBoundingClientRect().height < 43.5).map((one) => one.textContent.trim()),
            ]',
        );
        $this->assertSame([[], []], [$small, $low], 'fields under 16 px; targets under 44 px');
    }
}
