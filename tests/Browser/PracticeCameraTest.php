<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\Attributes\DataProvider;

/** The finder as a person uses it: dials, keys, a tap on the picture, half-press, press; on a desk and on a phone. */
final class PracticeCameraTest extends BrowserTestCase
{
    public function test_the_camera_is_set_pressed_and_its_frames_compared(): void
    {
        $this->open();
        $this->signIn('ilse');
        $this->press('Practice');
        $this->see('Glazed pots on a white shelf');
        $this->assertAccessible();
        $this->visit('/practice/pots');
        $this->see('Metered light');
        $this->assertAccessible();

        // The mode leaves only its own dials.
        $this->assertFalse($this->browser()->findElement(WebDriverBy::id('dial-t'))->isDisplayed());
        $this->mode('manual');
        $this->waitFor(fn (): bool => $this->browser()->findElement(WebDriverBy::id('dial-t'))->isDisplayed());
        $this->assertFalse($this->browser()->findElement(WebDriverBy::id('dial-compensation'))->isDisplayed());

        // By key: a step of ISO at a time, and the picture follows.
        $before = $this->picture();
        $this->browser()->action()->sendKeys(null, '6')->perform();
        $this->browser()->action()->sendKeys(null, '6')->perform();
        $this->waitFor(fn (): bool => str_contains($this->find('.readings')->getText(), 'ISO 640'));
        $this->assertNotSame($before, $this->picture());

        // A tap chooses where it focuses; a half-press holds that and the light.
        $this->browser()
            ->action()
            ->moveToElement($this->find('.finder-frame .picture'), -100, 60)
            ->click()
            ->perform();
        $this->waitFor(fn (): bool => abs((float) $this->field('px') - 0.36) < 0.06);
        $this->browser()->action()->sendKeys(null, 'h')->perform();
        $this->waitFor(fn (): bool => $this->field('held') !== '');
        $this->see('Let go');
        $this->browser()->action()->sendKeys(null, 'l')->perform();
        $this->waitFor(fn (): bool => $this->field('held') === '');

        // What cannot be done is told, and the last sight stays.
        $reading = $this->picture();
        $this->type('input[name=focal]', '300');
        $this->browser()->executeScript('arguments[0].dispatchEvent(new Event("change", {bubbles: true}))', [
            $this->find('input[name=focal]'),
        ]);
        $this->see('still shows what you saw last');
        $this->assertSame($reading, $this->picture());
        $this->type('input[name=focal]', '50');
        $this->browser()->executeScript('arguments[0].dispatchEvent(new Event("change", {bubbles: true}))', [
            $this->find('input[name=focal]'),
        ]);
        $this->waitFor(fn (): bool => ! str_contains($this->find('main')->getText(), 'still shows'));

        $this->tap('[data-press]');
        $this->see('One frame taken.');
        $this->turn('dial-t', '1/30');
        $this->waitFor(fn (): bool => str_contains($this->find('.readings')->getText(), '1/30 s'));
        // After the press the frame itself is seen, with its tones; put away, the finder is there again.
        $this->waitFor(fn (): bool => $this->howMany('#playback:not([hidden]) img') === 0);
        $this->tap('[data-press]');
        $this->waitFor(fn (): bool => $this->howMany('#playback:not([hidden]) .tone-strip') === 1, 60);
        $this->assertAccessible();
        $this->press('Keep it');
        $this->waitFor(fn (): bool => $this->howMany('#playback:not([hidden])') === 0);
        $this->waitFor(
            fn (): bool => count($this->browser()->findElements(WebDriverBy::cssSelector('.roll-frame img'))) === 2,
            60,
        );
        foreach ($this->browser()->findElements(WebDriverBy::cssSelector('input[name="frame[]"]')) as $box) {
            $this->browser()->executeScript('arguments[0].scrollIntoView({block: "center", behavior: "instant"})', [
                $box,
            ]);
            $box->click();
        }
        $this->press('Lay two side by side');
        $this->see('▸ Exposure time takes');
        $this->assertAccessible();
    }

    /** @return iterable<string, array{int, int}> */
    public static function screens(): iterable
    {
        yield 'a laptop' => [1280, 800];
        yield 'a phone' => [390, 844];
        yield 'a small phone' => [320, 640];
        yield 'a phone on its side' => [844, 390];
    }

    #[DataProvider('screens')]
    public function test_picture_meter_dials_and_shutter_are_in_one_sight(int $width, int $height): void
    {
        $this->open($width, $height);
        $this->signIn('ilse');
        $this->visit('/practice/bust?mode=manual&t=1/60&n=2.8');
        $this->see('1/60 s');
        $this->assertNothingSticksOut();
        // The page is scrolled so that the camera begins at the top, as a thumb would.
        foreach (['.finder-frame img', '.meter svg', '[data-dial=n] select', '[data-press]'] as $part) {
            $seen = $this->browser()->executeScript(
                'document.querySelector("[data-finder]").scrollIntoView({block: "start", behavior: "instant"});
                const box = document.querySelector(arguments[0]).getBoundingClientRect();
                return box.width > 0 && box.top >= -1 && box.bottom <= innerHeight + 1;',
                [$part],
            );
            $this->assertTrue($seen, $part.' is in sight');
        }
        // The value beside the one that is set turns the dial; so does a wheel.
        $dial = fn (): string => $this->field('n');
        $before = $dial();
        $this->browser()->executeScript(
            'document.querySelector("[data-dial=n] [data-by=\"1\"]").click()',
        );
        $this->waitFor(fn (): bool => $dial() !== $before);
        $this->browser()->executeScript(
            'document.querySelector("[data-dial=n] [data-strip]").dispatchEvent(
                new WheelEvent("wheel", {deltaY: -40, bubbles: true, cancelable: true}))',
        );
        $this->waitFor(fn (): bool => $dial() === $before);
    }

    public function test_an_optical_finder_shows_the_scene_and_not_the_exposure(): void
    {
        $this->open();
        $this->signIn('joss');
        $this->visit('/practice/pots?mode=manual&n=5.6&t=1/125&iso=400&finder=optical');
        $this->see('exposure is seen after the press');
        $before = $this->picture();
        $this->turn('dial-t', '1/1000');
        $this->waitFor(fn (): bool => str_contains($this->find('.readings')->getText(), '1/1000 s'));
        $this->assertSame($before, $this->picture(), 'three stops less, and the finder is as bright');
        $this->browser()->executeScript('document.querySelector("[name=finder][value=electronic]").click()');
        $this->waitFor(fn (): bool => $this->picture() !== $before);
    }

    public function test_a_frame_that_was_removed_is_brought_back(): void
    {
        $this->open(390, 844);
        $this->signIn('priya');
        $this->visit('/practice/pots');
        $this->tap('[data-press]');
        $this->waitFor(fn (): bool => $this->howMany('#playback:not([hidden]) img') > 0, 60);
        $this->press('Delete it');
        $this->see('is off the roll');
        $this->press('Bring it back');
        $this->see('is on the roll again');
        $this->visit('/roll');
        $this->see('1 of');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
    }

    public function test_a_student_practises_on_a_phone(): void
    {
        $this->open(390, 844);
        $this->signIn('joss');
        $this->visit('/practice');
        $this->see('The kiln mouth');
        $this->assertNothingSticksOut();
        $this->visit('/practice/fountain?mode=shutter&t=1/30&iso=400');
        $this->see('1/30 s');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
        $this->tap('[data-press]');
        $this->see('One frame taken.');
        $this->visit('/drills/meter-says/pots/1/5');
        $this->see('Where does the mark stand?');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
        $this->type('#answer', '+9');
        $this->press('Answer');
        $this->see('Not quite.');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
    }

    private function mode(string $mode): void
    {
        $this->browser()->findElement(WebDriverBy::cssSelector("input[name=mode][value=$mode] + span"))->click();
    }

    private function turn(string $id, string $value): void
    {
        (new WebDriverSelect($this->find('#'.$id)))->selectByValue($value);
    }

    private function picture(): string
    {
        // In one step: while it is drawn anew, an element that was found is gone.
        return md5(
            (string) $this->browser()->executeScript('return document.querySelector("[data-sight]")?.src ?? ""'),
        );
    }

    private function field(string $name): string
    {
        return (string) $this->browser()->executeScript(
            'return document.querySelector("[data-finder]").elements[arguments[0]].value',
            [$name],
        );
    }

    /** @param  callable(): bool  $holds */
    private function waitFor(callable $holds, int $seconds = 20): void
    {
        $this->browser()
            ->wait($seconds, 150)
            ->until(function () use ($holds): bool {
                try {
                    return $holds();
                } catch (\Facebook\WebDriver\Exception\StaleElementReferenceException) {
                    return false;
                }
            });
        $this->addToAssertionCount(1);
    }
}
