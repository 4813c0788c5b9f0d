<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Pictures;

/**
 * A scene worked on a phone: what disturbs is named, the best is chosen, a picture is gone back for. And what the
 * instructor tries on it at the desk, and sees brought together.
 */
#[Group('long')]
final class WorkedSceneTest extends BrowserTestCase
{
    public function test_a_scene_is_worked_and_the_best_of_it_chosen_on_a_phone(): void
    {
        $address = $this->newCourse('Work the scene');
        $instructor = $this->browser();
        $this->open(390, 844);
        $this->join($address, 'Wilma Works');
        $this->press('Work the scene');
        $this->send([Pictures::jpeg(patch: 150), Pictures::jpeg(patch: 90, mark: 4)]);
        $this->markTheRow();
        $this->browser()->wait(60, 300)->until(fn (): bool => $this->howMany('.contact .turning') === 0);
        // What disturbs is drawn, named, and ticked off.
        $this->tap('.contact-picture');
        $this->see('Prepare your frame');
        $this->press('Change the subject or the words');
        $this->unfold('More marks');
        $this->browser()->wait(20, 100)->until(fn (): bool => $this->howMany('[data-tool]') === 1);
        $this->browser()->executeScript(
            'const tool = document.querySelector("[data-tool]"); tool.value = "distraction";
            tool.dispatchEvent(new Event("change"));',
        );
        $this->press('Add it in numbers');
        $this->browser()->executeScript(
            'const what = document.querySelector(".mark-distraction:not([hidden]) select"); what.value = "pole";',
        );
        $this->unfold('What did you try?');
        $this->tap('.mark-distraction:not([hidden]) input[value=aside]');
        $this->assertNothingSticksOut();
        $this->press('Next');
        $this->press('Check it again');
        // It may be among those of less weight, which are folded away.
        $this->browser()->wait(60, 300)->until(fn (): bool => str_contains(
            (string) $this->browser()->executeScript('return document.body.textContent'),
            'left against the pole: nearer',
        ), 'the way out that is left is told');
        $this->assertAccessible();
        $this->press('Back to all frames');
        $this->see('Which is the one?', 60);
        $this->tap('.best-frame input');
        $this->type('#best-reason', 'The rim has light.');
        $this->tap('[name=hang][value=yes]');
        $this->press('Keep the choice');
        $this->see('Your choice is kept.');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
        $this->browser()->wait(60, 300)->until(fn (): bool => $this->howMany('.contact .turning') === 0);
        $this->press('Hand in attempt 1');
        $this->see('Attempt 1 is handed in.');

        $phone = $this->browser();
        $this->use($instructor);
        $this->visit('/');
        $this->press('Begin with the longest waiting');
        $this->see('Chosen as the best');
        $this->see('Would hang it on a wall.');
        $this->press('Say');
        $this->tap('[data-publish]');
        // Nothing is the teacher's own: it is asked once.
        $this->press('Publish it so');
        $this->see('Published:');

        // Back on the phone she finds the evenings on which the light would be better.
        $this->use($phone);
        $this->visit('/');
        $this->press('Work the scene');
        $this->press('Read the return');
        $this->see('Chosen as the best');
        $this->unfold('.jpg');
        $this->press('Go back for this picture');
        $this->see('What it takes');
        $this->assertNothingSticksOut();
        foreach (['lat' => '52.5', 'lon' => '13.4', 'bearing' => 'west'] as $field => $text) {
            $this->type("[name=$field]", $text);
        }
        $this->browser()->executeScript('document.querySelector("[name=sun]").value = "low"');
        $this->press('Find the days');
        $this->see('into the calendar');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
    }

    public function test_a_bracket_is_brought_together_and_a_trial_straightens_its_uprights(): void
    {
        $address = $this->newCourse('More range than the sensor has');
        $instructor = $this->browser();
        $this->open();
        $this->join($address, 'Bert Bracket');
        $this->press('More range than the sensor has');
        $this->send(array_map(
            fn (int $index): string => Pictures::jpeg(
                patch: [60, 118, 205][$index],
                ground: [30, 60, 118][$index],
                record: Pictures::record(t: [1 / 200, 1 / 50, 1 / 13][$index]),
            ),
            [0, 1, 2],
        ));
        $this->markTheRow();
        $this->browser()->wait(60, 300)->until(fn (): bool => $this->howMany('.contact .turning') === 0);
        $this->unfold('Brought together');
        $this->see('Of the picture, frame 1 gives');
        $this->loaded('.together img');
        $this->assertSame(3, $this->howMany('.together img'));
        $this->press('Hand in attempt 1');
        $this->see('Attempt 1 is handed in.');

        $this->use($instructor);
        $this->visit('/');
        $this->press('Begin with the longest waiting');
        $this->unfold('Brought together');
        $this->see('the whole range brought into the picture');
        $this->loaded('.together img');
        $this->press('Say');
        $this->unfold('What if');
        $this->unfold('Shape and surface');
        $this->browser()->executeScript(
            'const slider = document.querySelector("[name=\"perspective[top]\"]"); slider.value = 30;
            slider.dispatchEvent(new Event("input", { bubbles: true }));',
        );
        $this->loaded('.stage-preview');
        $this->press('Save it with the critique');
        $this->see('What converges made parallel');
        $this->assertAccessible();
    }

    /** @param  list<string>  $pictures */
    private function send(array $pictures): void
    {
        $this->choose('#picture', implode("\n", $pictures));
        $this->press('Send them');
        $this->see('Mark the subject', 60);
    }

    private function loaded(string $css): void
    {
        $this->browser()->wait(30, 200)->until(fn (): bool => (bool) $this->browser()->executeScript(
            'const all = [...document.querySelectorAll(arguments[0])];
            all.forEach((one) => one.scrollIntoView());
            return all.length > 0 && all.every((one) => one.complete && one.naturalWidth > 0);',
            [$css],
        ));
        $this->addToAssertionCount(1);
    }
}
