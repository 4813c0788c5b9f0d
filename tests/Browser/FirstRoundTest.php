<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Demo\DemoShots;
use App\Practice\Shutter;
use DateTimeImmutable;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Pictures;

/** One brief, one frame, one critique, from end to end and once round again. */
#[Group('long')]
final class FirstRoundTest extends BrowserTestCase
{
    public function test_a_brief_is_set_handed_in_critiqued_returned_and_reshot(): void
    {
        $this->open();

        $this->signIn('maren');
        $this->press('Set a brief');
        $this->unfold('The meter is fooled');
        $this->see('Take care');
        $this->assertAccessible();
        $this->press('Set this brief');
        $this->see('The brief is set.');

        $this->signIn('hugo');
        $this->press('The meter is fooled');
        $this->handIn(compensation: 0, iso: 1600);
        $this->see('missed');
        $this->see('The meter was believed.');
        $this->tap('[data-where]');
        $this->assertSame(1, $this->howMany('.picture .patch'), 'the part that it speaks of is outlined');
        $this->see('too dark');
        $this->assertAccessible();
        $this->press('Hand in attempt 1');
        $this->see('Attempt 1 is handed in.');
        $this->see('waiting');

        $this->critique();

        $this->signIn('hugo');
        $this->press('Read the return');
        $this->see('Turn the dial, then look again.');
        $this->see('Nothing is lost and nothing is dull.');
        $this->unfold('One more note');
        $this->see('And count the clicks.');
        $this->unfold('more finding');
        $this->see('Say it in stops.');
        $this->notSee('more than the light needed');
        $this->assertSame(1, $this->sheets(), 'the return is printed on one sheet');
        $this->assertAccessible();

        $this->press('Hand in attempt 2');
        $this->handIn(compensation: 1, iso: 200);
        $this->see('well done');
        $this->press('Hand in attempt 2');
        $this->see('Attempt 2 is handed in.');

        $this->signIn('maren');
        $this->press('Begin with the longest waiting');
        $this->see('Write');
        $this->browser()->action()->sendKeys(null, 'A')->perform();
        $this->browser()->wait(20, 100)->until(fn (): bool => $this->howMany('.decision-open') === 0);
        $this->browser()->action()->sendKeys(null, 'p')->perform();
        $this->tap('[data-publish]');
        $this->see('Published:');
        $this->signIn('hugo');
        $this->visit($this->lastReturn());
        $this->see('▸ ISO gives');
        $this->see('Gone: ');
    }

    /** Sheets of A4 that the page is printed on. */
    private function sheets(): int
    {
        $printed = (new ChromeDevToolsDriver($this->browser()))->execute('Page.printToPDF', [
            'paperWidth' => 8.27,
            'paperHeight' => 11.69,
        ]);

        return (int) preg_match_all('~/Type\s*/Page\b~', (string) base64_decode($printed['data'], true));
    }

    private function handIn(float $compensation, float $iso): void
    {
        $this->choose('#picture', $this->shoot($compensation, $iso));
        $this->press('Send the picture');
        $this->see('Which subject is it?');
        $this->unfold('More about it');
        $this->see('from the file');
        $this->drag('[data-mark]', [0.385, 0.45], [0.49, 0.69]);
        $this->assertEqualsWithDelta(
            38.5,
            (float) $this->browser()->findElement(WebDriverBy::cssSelector('[data-side=x]'))->getAttribute('value'),
            0.4,
        );
        $this->unfold('More marks');
        $this->markFurther();
        $subject = $this->find('input[value=white]');
        // The page scrolls smoothly, and a click does not wait for it to come to rest.
        $this->browser()->executeScript('arguments[0].scrollIntoView({block: "center", behavior: "instant"})', [
            $subject,
        ]);
        $subject->click();
        $this->type('#about', 'The white bottle.');
        $this->type('#reason', 'To see what the meter makes of white.');
        $this->tap('[name="stated[support]"][value=hand] + span');
        $this->press('Check this frame');
        $this->see('Checks of the brief');
    }

    /** A line by dragging, an outline corner by corner, a distraction in numbers, and one taken back. */
    private function markFurther(): void
    {
        $tool = fn (string $kind) => $this->browser()
            ->findElement(WebDriverBy::cssSelector("[data-tool] option[value=$kind]"))
            ->click();
        $tool('horizon');
        $this->drag('[data-mark]', [0.1, 0.8], [0.9, 0.8]);
        $tool('area');
        foreach ([[0.1, 0.1], [0.4, 0.1], [0.1, 0.4]] as $corner) {
            $this->drag('[data-mark]', $corner, $corner);
        }
        $this->press('Close this outline');
        $tool('distraction');
        $this->press('Add it in numbers');
        $tool('upright');
        $this->press('Add it in numbers');
        $rows = $this->browser()->findElements(WebDriverBy::cssSelector('[data-mark-row]'));
        $this->assertCount(4, $rows);
        $rows[3]->findElement(WebDriverBy::cssSelector('[data-remove]'))->click();
        $this->assertEqualsWithDelta(
            10.0,
            (float) $rows[0]->findElement(WebDriverBy::cssSelector('[data-points]'))->getAttribute('value'),
            0.4,
        );
        $this->assertCount(
            3,
            explode(
                ' ',
                (string) $rows[1]->findElement(WebDriverBy::cssSelector('[data-points]'))->getAttribute('value'),
            ),
        );
        $this->assertEqualsWithDelta(
            38.5,
            (float) $this->browser()->findElement(WebDriverBy::cssSelector('[data-side=x]'))->getAttribute('value'),
            0.4,
            'the subject stays where it was drawn',
        );
    }

    private function critique(): void
    {
        $keys = function (string ...$pressed): void {
            foreach ($pressed as $key) {
                $this->browser()->action()->sendKeys(null, $key)->perform();
            }
        };
        $this->signIn('maren');
        $this->press('Begin with the longest waiting');
        $this->see('undecided stay here');
        $this->assertFitsTheScreen();
        $this->assertAccessible();
        $this->press('Numbers');
        $this->see('Light ledger');
        $this->see('Capture record');
        $this->assertAccessible();
        $this->assertFitsTheScreen();
        // Where nothing is looked at, an arrow moves the panel and leaves it open.
        $keys(WebDriverKeys::ARROW_DOWN);
        $this->see('Light ledger');
        $this->press('Look');
        // Views are laid over the picture by key, each with its numbers; a spot is read by pointing at it.
        $keys('v');
        $this->see('lost in the highlights');
        $this->browser()->navigate()->refresh();
        $this->see('lost in the highlights');
        $keys('v', 'v');
        $this->see('Draws the eye');
        $this->assertAccessible();
        $this->press('spot reading');
        $this->browser()->action()->moveToElement($this->find('.desk .picture'), 0, 0)->click()->perform();
        $this->see('from mid-grey, zone');
        $this->browser()->action()->moveToElement($this->find('.desk .picture'), -120, -70)->click()->perform();
        $this->see('the place before');
        $this->press('spot reading');

        $keys('?');
        $this->see('Keys at the desk');
        $keys(WebDriverKeys::ESCAPE);
        // The first finding is accepted, the second put in other words, the third dismissed: all by keys.
        $keys(WebDriverKeys::ARROW_DOWN, 'a');
        $this->see('accepted');
        // The next one has the keys already.
        $keys('w');
        $this->find('[data-finding] form:not([hidden]) textarea')
            ->clear()
            ->sendKeys('Say it in stops.')
            ->sendKeys([WebDriverKeys::CONTROL, WebDriverKeys::ENTER]);
        $this->see('reworded');
        $keys('X');
        $this->find('[data-finding] form:not([hidden]) input[name=dismissal]')->sendKeys([
            'The camera cannot go lower.',
            WebDriverKeys::ENTER,
        ]);
        $this->see('dismissed');

        $this->press('Say');
        $this->assertFitsTheScreen();
        $this->assertAccessible();
        $this->type('[data-note] textarea', 'Nothing is lost and nothing is dull.');
        $this->press('Add the note');
        $this->see('Take back');
        $this->assertSame(
            '',
            $this->find('[data-note] textarea')->getAttribute('value'),
            'a note that was sent is not offered again',
        );
        $this->type('#summary', 'Turn the dial, then look again.');
        $this->see('Kept');
        $this->assertFitsTheScreen();
        // What was written survives the page being left and opened again.
        $this->browser()->navigate()->refresh();
        $this->press('Say');
        $this->assertSame('Turn the dial, then look again.', $this->find('#summary')->getAttribute('value'));
        // A note that is written and not added goes along.
        $this->type('[data-note] textarea', 'And count the clicks.');
        $this->tap('[data-publish]');
        $this->see('Published: Hugo Lintwhite can read it now.');
    }

    private function shoot(float $compensation, float $iso): string
    {
        $path = Pictures::path('jpg');
        $shot = app(DemoShots::class)->shot(
            [
                'scene' => 'pots',
                'body' => 'one-50',
                'mode' => 'aperture',
                'n' => 4,
                'iso' => $iso,
                'compensation' => $compensation,
                'aim' => [0.5, 0.5],
            ],
            new DateTimeImmutable('2026-10-06 19:12:00'),
            (int) $iso,
        );
        app(Shutter::class)->press($shot, $path);

        return $path;
    }

    /** Where the newest of several returns lies. */
    private function lastReturn(): string
    {
        $this->press('The meter is fooled');
        $links = $this->browser()->findElements(WebDriverBy::linkText('Read the return'));

        return (string) parse_url((string) end($links)->getAttribute('href'), PHP_URL_PATH);
    }
}
