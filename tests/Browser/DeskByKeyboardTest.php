<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Pictures;

/** An evening at the desk without touching the mouse: ten frames read, decided on, written to and published. */
#[Group('long')]
final class DeskByKeyboardTest extends BrowserTestCase
{
    /** Keys that are commands; what is typed as words is the instructor's own. */
    private int $keys = 0;

    /** Commands a frame, with two findings decided on each: more would not be quick. */
    private const MOST_KEYS_A_FRAME = 8;

    private const MOST_KEYS_A_FINDING = 1.2;

    public function test_ten_frames_are_critiqued_and_published_by_keyboard_alone(): void
    {
        $address = $this->newCourse('Same light, three ways');
        $instructor = $this->browser();
        foreach (['Anke Dent', 'Bert Dent'] as $number => $name) {
            $this->handInFive($address, $name, 60 + 10 * $number);
        }
        $this->use($instructor);
        $this->visit('/');
        $this->see('Begin with the longest waiting');
        $this->sayToAllOnTheSheet();

        $this->browser()->executeScript('window.stays = true;');
        foreach (['Anke Dent', 'Bert Dent'] as $name) {
            $this->see($name);
            $this->assertTrue(
                $this->browser()->executeScript('return window.stays === true;'),
                'from one attempt to the next no page is loaded',
            );
            $this->assertStringContainsString($name, $this->browser()->getTitle());
            $this->see('Write');
            $findings = $this->howMany('[data-finding]');
            $this->assertGreaterThanOrEqual(5, $findings, 'every frame has something to be said of it');
            $before = $this->keys;
            $this->key('ArrowDown');
            for ($decided = 1; $decided <= min($findings, 12); $decided++) {
                // From one decision to the next nothing has to be looked for.
                $this->key($decided % 6 === 0 ? 'x' : 'a');
                $this->browser()
                    ->wait(20, 80)
                    ->until(
                        fn () => $this->howMany('.decided') >= $decided &&
                            ($this->howMany('.decision-open:focus') === 1 || $this->howMany('.decision-open') === 0),
                        'a decision is shown, and the next open finding has the keys',
                    );
            }
            $this->assertLessThanOrEqual(
                self::MOST_KEYS_A_FINDING,
                ($this->keys - $before) / ($decided - 1),
                'keys a finding',
            );
            $dismissed = $this->howMany('.decision-dismissed');
            $this->assertGreaterThan(0, $dismissed);
            $this->key('A');
            $this->browser()->wait(20, 80)->until(
                fn () => $this->howMany('.decision-open') === 0
                    && $this->howMany('.decision-dismissed') === $dismissed,
                'the rest is accepted, and what was dismissed stays so',
            );
            $this->key('m');
            $this->say('Count the stops once more.');
            $this->key('Enter', true);
            $this->see('Take back');
            $this->assertSame(0, $this->howMany('.draft-offer'), 'nothing is offered that was sent');
            $name === 'Anke Dent' && $this->writeInAnotherWindow('From the other window.');
            $this->key('t');
            $this->say('Well counted, '.$name.'.');
            $name === 'Anke Dent' && $this->joinBoth('From the other window.', 'Well counted, Anke Dent.');
            $this->key('Escape');
            $this->key('p');
            $this->browser()->wait(20, 80)->until(
                fn () => $this->howMany('[data-publish]:focus') === 1,
                'the key leads to the button, and is seen to',
            );
            $this->key('Enter');
            $this->see('Published: '.$name.' can read it now.');
        }
        $this->see('Nobody else is waiting.');
        $this->assertLessThanOrEqual(
            self::MOST_KEYS_A_FRAME,
            $this->keys / 10,
            sprintf('%d commands for ten frames', $this->keys),
        );
    }

    /** The desk opens as a sheet: all ten are told one thing, the first two are compared, and the first is opened. */
    private function sayToAllOnTheSheet(): void
    {
        $this->press('Desk');
        $this->see('10 frames');
        $this->assertAccessible();
        $this->key('x');
        $this->see('Say to this one');
        while ($this->howMany('.is-ticked') < 10) {
            $this->assertLessThan(20, $this->keys, 'a group is ticked by one key');
            $this->key('g');
            $this->howMany('.is-ticked') < 10 && $this->key('ArrowDown');
        }
        $this->see('Say to all');
        $this->key('t');
        $this->say('Say what you looked for.');
        $this->key('Enter', true);
        $this->see('Said on 10 frames.');
        $this->assertSame(10, $this->howMany('.sheet-frame .said'));
        $this->key('c');
        $this->key('ArrowRight');
        $this->key('c');
        $this->key('c');
        $this->see('Back to the sheet');
        $this->assertAccessible();
        $this->press('Back to the sheet');
        $this->see('10 frames');
        $this->key('Enter');
        $this->see('Anke Dent');
    }

    /** The same attempt, open twice: what is written there first is not written over here. */
    private function writeInAnotherWindow(string $words): void
    {
        $browser = $this->browser();
        [$here, $address] = [$browser->getWindowHandle(), $browser->getCurrentURL()];
        $browser->switchTo()->newWindow();
        $browser->get($address);
        $this->tap('[data-to="#summary"]');
        $this->type('#summary', $words);
        $this->see('Kept ');
        $browser->close();
        $browser->switchTo()->window($here);
    }

    private function joinBoth(string $theirs, string $yours): void
    {
        $this->see('Both texts are here');
        $this->see($theirs);
        $this->press('Join both');
        $this->see('Kept ');
        $this->assertSame(
            $theirs."\n\n".$yours,
            $this->browser()->executeScript('return document.getElementById("summary").value;'),
        );
        $this->assertSame(0, $this->howMany('[data-both]'));
    }

    private function handInFive(string $address, string $name, int $mark): void
    {
        $this->open();
        $this->join($address, $name);
        $this->press('Same light, three ways');
        $files = [];
        foreach ([[2.8, 1 / 500], [4, 1 / 250], [5.6, 1 / 125], [8, 1 / 60], [11, 1 / 15]] as $at => [$n, $t]) {
            $files[] = Pictures::jpeg(
                record: Pictures::record($n, $t, takenAt: new \DateTimeImmutable('2026-10-03 18:00:0'.$at)),
                mark: $mark + $at,
            );
        }
        $this->choose('#picture', implode("\n", $files));
        $this->press('Send them');
        $this->see('5 frames, 3 wanted', 60);
        $this->browser()->wait(60, 200)->until(fn (): bool => $this->howMany('.contact .turning') === 0);
        $this->markTheRow();
        $this->browser()->wait(90, 300)->until(fn (): bool => $this->howMany('.contact .turning') === 0);
        $this->press('Hand in attempt 1');
        $this->see('Attempt 1 is handed in.');
    }

    /** One command, as the keyboard itself sends it: to whatever has the focus. */
    private function key(string $key, bool $control = false): void
    {
        $this->keys++;
        $named = ['ArrowDown' => 40, 'ArrowRight' => 39, 'Enter' => 13, 'Escape' => 27];
        $event = [
            'key' => $key,
            'code' => isset($named[$key]) ? $key : 'Key'.strtoupper($key),
            'windowsVirtualKeyCode' => $named[$key] ?? ord(strtoupper($key)),
            'modifiers' => $control ? 2 : 0,
        ];
        $text = $control ? [] : ($key === 'Enter' ? ['text' => "\r"] : (isset($named[$key]) ? [] : ['text' => $key]));
        $tools = new ChromeDevToolsDriver($this->browser());
        $tools->execute('Input.dispatchKeyEvent', [
            'type' => $text === [] ? 'rawKeyDown' : 'keyDown',
            ...$event,
            ...$text,
        ]);
        $tools->execute('Input.dispatchKeyEvent', ['type' => 'keyUp', ...$event]);
    }

    /** Words, which are no commands. */
    private function say(string $words): void
    {
        (new ChromeDevToolsDriver($this->browser()))->execute('Input.insertText', ['text' => $words]);
    }
}
