<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;
use Tests\Browser\Support\CutServer;
use Tests\Support\Pictures;

/**
 * The server is cut while somebody writes, and a session runs out: no word is lost, and the page says what happened.
 */
#[Group('long')]
final class LostConnectionTest extends BrowserTestCase
{
    use CutServer;

    public function test_on_a_device_of_one_s_own_plans_stay_readable_without_a_network(): void
    {
        [$server, $port] = $this->serve($this->var);
        putenv('PUPIL_TEST_URL=http://127.0.0.1:'.$port);
        $this->open();
        $this->signIn('maren');
        $this->press('Set a brief');
        $this->unfold('Same light, three ways');
        $this->press('Set this brief');
        $this->see('The brief is set.');

        $kept = fn (): array => $this->browser()->executeAsyncScript(
            'const done = arguments[arguments.length - 1];
            (async () => {
                const found = [];
                for (const name of await caches.keys()) {
                    for (const one of name.startsWith("kept-") ? await (await caches.open(name)).keys() : []) {
                        found.push(new URL(one.url).pathname);
                    }
                }
                done(found);
            })()',
        );
        // Not on a device that is not one's own.
        $this->open(390, 844);
        $this->signIn('hugo');
        $this->press('Plan it');
        $this->see('What light will there be?');
        sleep(2);
        $this->assertSame([], $kept());
        $this->signOut();

        $this->visit('/sign-in');
        $this->tap('[name=remember]');
        $this->type('#email', 'hugo@kilnyard.example');
        $this->type('#password', 'eight-evenings');
        $this->press('Sign in');
        $this->press('Plan it');
        $this->see('What light will there be?');
        $plan = (string) parse_url($this->browser()->getCurrentURL(), PHP_URL_PATH);
        $this->browser()->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[arguments.length - 1])');
        $this->tap('[value=overcast] + span');
        $this->see('Settings that fit');
        $this->browser()->wait(20, 200)->until(fn (): bool => in_array($plan, $kept(), true));
        sleep(2);

        $this->cut($server, $port);
        $this->visit($plan);
        $this->see('No network. This is how it was on');
        $this->see('Settings that fit');
        $this->assertSame(1, $this->howMany('[name=light][value=overcast]:checked'));
        $this->assertSame(0, $this->howMany('main button:enabled'));
        $this->assertStringNotContainsString('_token', $this->browser()->getPageSource());
        // What was not kept is told, with what was.
        $this->visit('/practice');
        $this->see('No network');
        $this->press('Plan: Same light, three ways');
        $this->see('Settings that fit');

        $this->start($this->var, ['PORT' => (string) $port, 'DEMO' => 'people']);
        $this->waitFor($port);
        $this->visit($plan);
        $this->see('What light will there be?');
        $this->notSee('No network');
        $this->signOut();
        $this->browser()->wait(20, 200)->until(fn (): bool => $kept() === []);
        $this->addToAssertionCount(1);
    }

    public function test_what_was_being_written_outlives_a_cut_server_and_an_expired_session(): void
    {
        [$server, $port] = $this->serve($this->var);
        putenv('PUPIL_TEST_URL=http://127.0.0.1:'.$port);
        $this->open();
        $this->signIn('maren');
        $this->press('Set a brief');
        $this->unfold('The meter is fooled');
        $this->press('Set this brief');
        $this->see('The brief is set.');
        $instructor = $this->browser();
        $this->open();
        $this->signIn('hugo');
        $this->press('The meter is fooled');
        $this->handInWhite(Pictures::jpeg(patch: 118));

        $this->use($instructor);
        $this->visit('/');
        $this->press('Begin with the longest waiting');
        $this->press('Say');
        $this->see('go out');
        $desk = $this->browser()->getCurrentURL();
        $this->type('[data-note] textarea', 'The white is grey: say so to the meter.');
        $this->cut($server, $port);
        $this->press('Add the note');
        $this->see('The connection is gone.');
        $this->type('#summary', 'Turn the dial by a stop and a half.');
        $this->assertSame(
            'The white is grey: say so to the meter.',
            $this->find('[data-note] textarea')->getAttribute('value'),
        );

        $this->start($this->var, ['PORT' => (string) $port, 'DEMO' => 'people']);
        $this->waitFor($port);
        $this->press('Add the note');
        $this->see('Take back');
        $this->see('The white is grey: say so to the meter.');
        // What was written meanwhile was saved as soon as the server was back: no draft of it is left to offer.
        $this->browser()->wait(20, 100)->until(fn (): bool => trim($this->find('#kept')->getText()) !== '');
        $this->browser()->navigate()->refresh();
        $this->press('Say');
        $this->see('goes out');
        $this->assertStringNotContainsString('You typed this here before', $this->pageText());
        $this->assertSame('Turn the dial by a stop and a half.', $this->find('#summary')->getAttribute('value'));

        // The session runs out. What the desk asks by itself has come back before: its answer would renew the session.
        $this->browser()->wait(20, 100)->until(fn (): bool => (bool) $this->browser()->executeScript(
            'return performance.getEntriesByType("resource").some((one) => one.name.endsWith("/here"));',
        ));
        $this->browser()->manage()->deleteAllCookies();
        $this->type('[data-note] textarea', 'And look at the histogram.');
        $this->press('Add the note');
        $this->see('is kept in this browser');
        $this->assertSame('And look at the histogram.', $this->find('[data-note] textarea')->getAttribute('value'));
        $this->signIn('maren');
        $this->browser()->get($desk);
        $this->press('Say');
        $this->see('You typed this here before and did not send it:');
        $this->assertSame('', $this->find('[data-note] textarea')->getAttribute('value'));
        $this->press('Use this text');
        $this->assertSame('And look at the histogram.', $this->find('[data-note] textarea')->getAttribute('value'));
        $this->press('Add the note');
        $this->browser()->wait(20, 100)->until(fn (): bool => substr_count($this->pageText(), 'Take back') === 2);
    }
}
