<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;
use Tests\Browser\Support\CutServer;
use Tests\Support\Pictures;

/** A sheet and a log on a phone without a network: nothing written is lost, whatever another device says meanwhile. */
#[Group('long')]
final class InTheFieldTest extends BrowserTestCase
{
    use CutServer;

    public function test_a_day_and_a_roll_are_written_down_without_a_network_and_merge_when_it_is_back(): void
    {
        [$server, $port] = $this->serve($this->var);
        putenv('PUPIL_TEST_URL=http://127.0.0.1:'.$port);
        $this->open();
        $this->signIn('maren');
        $this->press('Set a brief');
        $this->unfold('Night ladder');
        $this->press('Set this brief');
        $this->see('The brief is set.');

        // At home, on the large screen: the sheet is written.
        $this->open();
        $this->signIn('runa');
        $this->visit('/');
        $this->press('Night ladder');
        $this->press('A sheet for the whole day');
        $this->see('What is to be done on the day?');
        $this->type('#title', 'The wharf');
        $this->type('[name="scouting[new][text]"]', 'the porter');
        $this->type('[name="shots[new][title]"]', 'the whole quay');
        $this->press('Another shot');
        $this->type('[name^="shots[n"][name$="[title]"]:not([name="shots[new][title]"])', 'a wet rope');
        $this->press('Keep the sheet');
        $this->see('The sheet is kept.');
        $day = (string) parse_url($this->browser()->getCurrentURL(), PHP_URL_PATH);
        $desktop = $this->browser();

        // On her own phone: seen once, with a roll that she has loaded.
        $this->open(390, 844);
        $this->visit('/sign-in');
        $this->tap('[name=remember]');
        $this->type('#email', 'runa@kilnyard.example');
        $this->type('#password', 'eight-evenings');
        $this->press('Sign in');
        $this->see('Night ladder');
        $this->visit('/film/new');
        $this->type('[name=name]', 'Roll 7');
        $this->type('[name=boxSpeed]', '400');
        $this->assertNothingSticksOut();
        $this->press('Begin its log');
        $this->see('Write down frame 1');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
        $roll = (string) parse_url($this->browser()->getCurrentURL(), PHP_URL_PATH);
        $this->browser()->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[arguments.length - 1])');
        $this->waitUntilKept($roll);
        $this->visit($day);
        $this->see('the whole quay');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
        $this->waitUntilKept($day);

        $this->cut($server, $port);
        $this->visit($day);
        $this->see('kept on this device and sent later');
        $this->tap('.day-list .day-tick input');
        $this->see('1 note is kept on this device');
        $this->unfold('Note on the porter');
        $this->type('.day-word[open] input', 'until six');
        $this->leaveTheField();
        $this->see('2 notes are kept on this device');
        $this->visit($roll);
        $this->see('kept on this device and sent later');
        $this->press('Write down frame 1');
        $this->type('#frame-1 [data-field=aperture]', '8');
        $this->type('#frame-1 [data-field=time]', '1/60');
        $this->type('#frame-1 [data-field=word]', 'the crane');
        $this->leaveTheField();
        $this->see('3 notes are kept on this device');
        // Days later, after the page was closed, and by then the session has run out.
        foreach ($this->browser()->manage()->getCookies() as $cookie) {
            if (str_starts_with((string) $cookie->getName(), 'true_pupil_')) {
                $this->browser()->manage()->deleteCookieNamed((string) $cookie->getName());
            }
        }
        $this->visit($roll);
        $this->see('ƒ/8 · 1/60 · the crane');
        $this->visit($day);
        $this->assertSame(1, $this->howMany('.day-tick input:checked'));

        // Meanwhile the tablet says something else of the same line, later; and ticks another.
        $this->start($this->var, ['PORT' => (string) $port, 'DEMO' => 'people']);
        $this->waitFor($port);
        $phone = $this->browser();
        $this->use($desktop);
        $this->visit($day);
        $this->see('the whole quay');
        $this->tap('section.sheet:nth-of-type(2) .day-tick input');
        $this->see('Everything is kept.');
        $this->use($phone);
        $this->visit($day);
        $this->see('Everything is kept.');
        $this->visit($roll);
        $this->see('Everything is kept.');
        $this->see('ƒ/8 · 1/60 · the crane');
        $this->assertSame([], $this->waitingNotes());

        $this->use($desktop);
        $this->visit($day);
        $this->see('Ticked');
        $this->assertSame(2, $this->howMany('.day-tick input:checked'));
        $this->assertSame('until six', $this->find('.day-word[open] input')->getAttribute('value'));

        // What she hands in: a scan finds its frame, and the sheet says what is missing.
        $this->visit(str_replace('/day', '', $day));
        $this->handInScan(Pictures::drawn(fn (\GdImage $image): bool => imagefill($image, 0, 0, 0x777777), 600, 400));
    }

    private function handInScan(string $scan): void
    {
        $this->choose('#picture', $scan);
        $this->press('Send the picture');
        $this->see('Are these scans of a roll of yours?');
        $this->unfold('Are these scans of a roll of yours?');
        $this->type('.scan-numbers input', '1');
        $this->press('Match them');
        $this->see('1 scan is matched');
        $this->see('Scans of Roll 7');
        $this->assertSame('8', $this->find('[name="stated[fNumber]"]')->getAttribute('value'));
    }

    private function leaveTheField(): void
    {
        $this->browser()->executeScript('document.activeElement.blur()');
    }

    private function waitUntilKept(string $path): void
    {
        $this->browser()->wait(30, 200)->until(fn (): bool => $this->browser()->executeAsyncScript(
            'const [path, done] = arguments;
            (async () => {
                for (const name of await caches.keys()) {
                    if (name.startsWith("kept-") && await (await caches.open(name)).match(path)) {
                        return done(true);
                    }
                }
                done(false);
            })()',
            [$path],
        ));
        // Styles and scripts follow.
        sleep(2);
    }

    /** @return list<string> */
    private function waitingNotes(): array
    {
        return $this->browser()->executeScript(
            'return Object.keys(localStorage).filter((key) => key.includes(":note "))',
        );
    }
}
