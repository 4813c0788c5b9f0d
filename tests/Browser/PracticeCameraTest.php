<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;

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

        $this->press('Press the shutter');
        $this->see('One frame taken.');
        $this->turn('dial-t', '1/30');
        $this->waitFor(fn (): bool => str_contains($this->find('.readings')->getText(), '1/30 s'));
        $this->press('Press the shutter');
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

    public function test_a_student_practises_on_a_phone(): void
    {
        $this->open(390, 844);
        $this->signIn('joss');
        $this->visit('/practice');
        $this->see('The kiln mouth');
        $this->assertNothingSticksOut();
        $this->visit('/practice/fountain?mode=shutter&t=1/30&iso=400');
        $this->see('Metered light');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
        $this->press('Press the shutter');
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
