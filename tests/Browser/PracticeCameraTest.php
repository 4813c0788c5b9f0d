<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/** The finder as a person uses it: dials, keys, a tap on the picture, half-press, press; on a desk and on a phone. */
#[Group('long')]
final class PracticeCameraTest extends BrowserTestCase
{
    public function test_a_turned_dial_is_seen_at_once_and_turning_on_is_not_waited_for(): void
    {
        $this->open();
        $this->signIn('amara');
        $this->visit('/practice/pots?mode=manual&n=5.6&t=1/60&iso=400');
        $this->see('Metered light');
        $this->browser()->executeScript(
            'window.lighter = [];
            new MutationObserver(() => document.querySelector("[data-sight].next-light") && window.lighter.push(
                Number(document.querySelector(".light-filter [slope]").getAttribute("slope")),
            )).observe(document.getElementById("sight"), {subtree: true, attributeFilter: ["class"]});',
        );
        // A stop of ISO: twice the light, until the camera's own picture is there.
        $this->turn('dial-iso', '800');
        $this->waitFor(fn (): bool => str_contains($this->find('.readings')->getText(), 'ISO 800'));
        $this->assertEqualsWithDelta([2.0], $this->browser()->executeScript('return window.lighter'), 1e-6);
        $this->assertSame(0, $this->howMany('.next-light'), 'the camera\'s own picture has no filter');

        // The hand rests; on the next position the answer is there before it is asked for.
        $asked = fn (): array => $this->browser()->executeScript(
            'return performance.getEntriesByType("resource").filter(
                (one) => one.name.includes("/practice/pots") && one.name.includes("iso=1000"),
            ).map((one) => one.transferSize > 0)',
        );
        $this->waitFor(fn (): bool => $asked() === [true], 30);
        $this->browser()->action()->sendKeys(null, '6')->perform();
        $this->waitFor(fn (): bool => str_contains($this->find('.readings')->getText(), 'ISO 1000'));
        $this->assertSame([true, false], $asked(), 'the second time it comes from the browser\'s own cache');

        // What the camera balances keeps its brightness, and an optical finder shows none.
        $this->mode('aperture');
        $this->waitFor(fn (): bool => str_contains($this->find('.readings')->getText(), 'the camera’s choice'));
        $this->browser()->executeScript('window.lighter = []');
        $this->turn('dial-n', '8');
        $this->waitFor(fn (): bool => str_contains($this->find('.readings')->getText(), 'ƒ/8'));
        $this->assertSame([], $this->browser()->executeScript('return window.lighter'));
    }

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

        // So does the focus point, by the arrows.
        $this->browser()->executeScript('document.getElementById("sight").focus()');
        foreach ([WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_UP] as $key) {
            $this->browser()->action()->sendKeys(null, $key)->perform();
        }
        $this->waitFor(fn (): bool => [$this->field('px'), $this->field('py')] === ['0.5200', '0.4800']);

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
        $this->assertInSight('.finder-frame img', '.meter svg', '[data-dial=n] select', '[data-press]');
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

    /** @return iterable<string, array{int, int, string}> */
    public static function phones(): iterable
    {
        yield 'a phone' => [390, 844, 'wen'];
        yield 'a small phone' => [320, 640, 'dario'];
    }

    #[DataProvider('phones')]
    public function test_a_frame_is_taken_in_manual_with_the_meter_in_sight(int $width, int $height, string $who): void
    {
        $this->open($width, $height);
        $this->signIn($who);
        $this->visit('/practice/pots?mode=manual&n=5.6&t=1/60&iso=400');
        $this->see('1/60 s');
        $mark = fn (): string => (string) $this->browser()->executeScript(
            'return document.querySelector(".meter").textContent.match(/(stands at [^.]*)\\./)?.[1] ?? ""',
        );
        $this->tapDial('t', 1);
        $this->waitFor(fn (): bool => str_contains($this->find('.readings')->getText(), '1/50 s'));
        $this->assertStringContainsString('stands at', $mark());
        $this->assertInSight('.finder-frame img', '.meter svg', '[data-dial=t] select', '[data-press]');
        $this->tap('[data-press]');
        $this->waitFor(fn (): bool => $this->howMany('#playback:not([hidden]) img') > 0, 60);
        $this->assertStringContainsString('1/50 s', $this->find('#playback')->getText());
        $this->assertNothingSticksOut();
    }

    #[DataProvider('phones')]
    public function test_an_eye_is_focused_on_through_the_magnifier(int $width, int $height, string $who): void
    {
        $this->open($width, $height);
        $this->signIn($who);
        $this->visit('/practice/bust?mode=aperture&n=2&iso=200');
        $this->see('focus at 1.50 m');
        $this->tapPicture(0.467, 0.388);
        $this->waitFor(fn (): bool => abs((float) $this->sight('x') - 0.467) < 0.01);
        $this->tap('[data-magnify]');
        $this->waitFor(fn (): bool => $this->sight('magnified') === '4');
        $this->assertSame('true', $this->find('[data-magnify]')->getAttribute('aria-pressed'));

        // By hand the distance is a dial of its own, and begins where the camera had focused.
        $focused = (float) $this->sight('focused');
        $this->pick('focusing', 'manual');
        $this->waitFor(fn (): bool => $this->find('#dial-focus')->isDisplayed());
        $this->waitFor(fn (): bool => abs((float) $this->sight('focused') - $focused) < 0.05);
        $sharp = $this->markedEdges();
        // Three steps further the eye is soft, and its edges are marked no more.
        for ($step = 0; $step < 3; $step++) {
            $before = $this->field('focus');
            $this->tapDial('focus', 1);
            $this->waitFor(fn (): bool => $this->field('focus') !== $before);
        }
        $this->waitFor(fn (): bool => (float) $this->sight('focused') > $focused * 1.2);
        $this->assertLessThan($sharp / 2, $this->markedEdges());
        $this->assertAccessible();

        // A tap in the magnifier moves the point by a quarter of what it seems.
        $x = (float) $this->sight('x');
        $this->tapPicture(0.7, 0.5);
        $this->waitFor(fn (): bool => abs((float) $this->sight('x') - ($x + 0.05)) < 0.01);
        $this->tap('[data-magnify]');
        $this->waitFor(fn (): bool => $this->sight('magnified') === '1');
    }

    #[DataProvider('phones')]
    public function test_an_optical_finder_is_followed_by_playback(int $width, int $height, string $who): void
    {
        $this->open($width, $height);
        $this->signIn($who);
        $this->visit('/practice/pots?mode=manual&n=5.6&t=1/1000&iso=100&finder=optical');
        $this->see('exposure is seen after the press');
        $light = fn (string $css): float => (float) $this->browser()->executeScript(
            'const from = document.querySelector(arguments[0]), to = document.createElement("canvas");
            [to.width, to.height] = [30, 20];
            const draw = to.getContext("2d");
            draw.drawImage(from, 0, 0, 30, 20);
            return draw.getImageData(0, 0, 30, 20).data.reduce((sum, value) => sum + value, 0) / 2400',
            [$css],
        );
        $frames = $this->howMany('.roll-frame');
        $seen = $light('[data-sight]');
        $this->tap('[data-press]');
        $this->waitFor(fn (): bool => $this->howMany('#playback:not([hidden]) .tone-strip') === 1, 60);
        $this->waitFor(fn (): bool => (bool) $this->browser()->executeScript(
            'return document.querySelector("#playback img").naturalWidth > 0',
        ));
        $this->assertLessThan($seen - 20, $light('#playback img'), 'the frame is as dark as it was exposed');
        $this->assertNothingSticksOut();
        $this->press('Keep it');
        $this->waitFor(fn (): bool => $this->howMany('#playback:not([hidden])') === 0);
        $this->assertSame($frames + 1, $this->howMany('.roll-frame'));
    }

    public function test_what_crosses_is_followed_by_continuous_focus(): void
    {
        $this->open(390, 844);
        $this->signIn('sefa');
        $this->visit('/practice/heron?mode=shutter&t=1/1000&iso=400&moment=0.4');
        $this->see('the heron 21 m away');
        $this->assertInSight('.finder-frame img', '.meter svg', '[data-dial=t] select', '[data-press]');
        $this->pick('focusing', 'continuous');
        $box = json_decode($this->sight('mover'), true);
        $this->tapPicture(($box[0] + $box[2]) / 2, ($box[1] + $box[3]) / 2);
        $this->waitFor(fn (): bool => $this->field('tracks') === '1');
        $this->waitFor(fn (): bool => abs((float) $this->sight('focused') - 21) < 0.1);
        $before = (float) $this->sight('x');
        $this->set('moment', '1.2');
        $this->waitFor(fn (): bool => abs((float) $this->sight('focused') - 15) < 0.1);
        $this->assertGreaterThan($before + 0.1, (float) $this->sight('x'), 'the point goes with it');
        // Focused once, it stays where it was.
        $this->pick('focusing', 'single');
        $this->assertSame('', $this->field('tracks'));

        // The scene runs in its own time, and the press is of its moment.
        $this->set('moment', '0');
        $this->tap('[data-run]');
        $this->waitFor(fn (): bool => (float) $this->field('moment') > 0.5);
        $this->tap('[data-press]');
        $this->waitFor(fn (): bool => $this->howMany('#playback:not([hidden]) img') > 0, 60);
        $this->assertSame('false', $this->find('[data-run]')->getAttribute('aria-pressed'));
        $this->assertNothingSticksOut();
    }

    public function test_the_self_timer_counts_and_a_silent_shutter_says_what_it_cannot(): void
    {
        $this->open();
        $this->signIn('otto');
        $this->visit('/practice/bust?mode=aperture&n=2&iso=200&support=tripod');
        $this->see('focus at 1.50 m');
        $this->set('timer', '2');
        $this->tap('[data-press]');
        $this->waitFor(fn (): bool => $this->find('[data-count]')->getText() === '1');
        $this->assertSame(0, $this->howMany('.roll-frame'));
        $this->waitFor(fn (): bool => $this->howMany('.roll-frame') === 1);
        $this->set('timer', '10');
        $this->tap('[data-press]');
        $this->waitFor(fn (): bool => $this->find('[data-count]')->getText() === '9');
        $this->tap('[data-press]');
        $this->waitFor(fn (): bool => $this->find('[data-count]')->getText() === 'press');

        $this->set('shutter', 'silent');
        $this->set('flash', '1');
        $this->see('a flash would light only some of the rows');
        $this->set('flash', '0');
        $this->waitFor(fn (): bool => ! str_contains($this->find('main')->getText(), 'only some of the rows'));
        $this->set('lean', '3');
        $this->see('leans 3° to the right');
        $this->type('input[name=kelvin]', '2700');
        $this->browser()->executeScript('arguments[0].dispatchEvent(new Event("change", {bubbles: true}))', [
            $this->find('input[name=kelvin]'),
        ]);
        $this->see('2 700 K');
    }

    public function test_zoom_moves_both_frames_and_the_strip_lays_another_beside_the_first(): void
    {
        $this->open();
        $this->signIn('amara');
        $this->visit('/practice/chart?mode=manual&n=5.6&t=1/60&iso=400');
        foreach (['1/60', '1/30', '1/15'] as $count => $time) {
            $this->turn('dial-t', $time);
            $this->waitFor(fn (): bool => str_contains($this->find('.readings')->getText(), $time.' s'));
            $this->tap('[data-press]');
            $this->waitFor(fn (): bool => $this->howMany('.roll-frame img') === $count + 1, 60);
            $this->browser()->action()->sendKeys(null, WebDriverKeys::ESCAPE)->perform();
        }
        $boxes = $this->browser()->findElements(WebDriverBy::cssSelector('input[name="frame[]"]'));
        foreach (array_slice($boxes, 0, 2) as $box) {
            $this->browser()->executeScript('arguments[0].click()', [$box]);
        }
        $this->press('Lay two side by side');
        $this->see('Swap them');
        $scales = fn (): array => $this->browser()->executeScript(
            'return [...document.querySelectorAll(".side-by-side .picture")].map((one) => one.style.transform)',
        );
        // The words are there before the scripts are.
        $this->waitFor(fn (): bool => $this->browser()->executeScript('return document.readyState') === 'complete');
        $this->tap('.side-by-side [data-closer]');
        $this->waitFor(fn (): bool => $scales()[0] !== '');
        $this->waitFor(fn (): bool => $scales() === [$scales()[0], $scales()[0]]);
        $this->assertSame(3, $this->howMany('.roll-strip img'));
        $first = $this->find('.side-by-side figcaption b')->getText();
        $this->tap('.roll-strip a:not([aria-current])');
        $this->waitFor(fn (): bool => $this->howMany('.side-by-side [data-zoomed]') === 0);
        $this->assertSame($first, $this->find('.side-by-side figcaption b')->getText());
        $this->assertAccessible();
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

    private function set(string $name, string $value): void
    {
        $this->browser()->executeScript(
            'const field = document.querySelector("[data-finder]").elements[arguments[0]];
            field.value = arguments[1];
            field.dispatchEvent(new Event("change", {bubbles: true}))',
            [$name, $value],
        );
    }

    private function pick(string $name, string $value): void
    {
        $this->browser()->executeScript(
            'document.querySelector(`[name=${arguments[0]}][value=${arguments[1]}]`).click()',
            [$name, $value],
        );
    }

    /** The value beside the one that is set. */
    private function tapDial(string $dial, int $by): void
    {
        $this->browser()->executeScript(
            'document.querySelector(`[data-dial=${arguments[0]}] [data-by="${arguments[1]}"]`).click()',
            [$dial, $by],
        );
    }

    private function tapPicture(float $x, float $y): void
    {
        $this->browser()->executeScript(
            'const picture = document.querySelector(".finder-frame .picture"), box = picture.getBoundingClientRect();
            picture.dispatchEvent(new MouseEvent("click", {bubbles: true, clientX: box.left + box.width * arguments[0],
                clientY: box.top + box.height * arguments[1]}))',
            [$x, $y],
        );
    }

    /** What the last sight says of itself. */
    private function sight(string $what): string
    {
        return (string) $this->browser()->executeScript(
            'return document.querySelector("[data-sight]")?.dataset[arguments[0]] ?? ""',
            [$what],
        );
    }

    private function markedEdges(): int
    {
        $this->browser()->executeScript(
            'const button = document.querySelector("[data-show-edges]");
            button.getAttribute("aria-pressed") === "true" || button.click()',
        );
        $this->waitFor(fn (): bool => (bool) $this->browser()->executeScript(
            'return document.querySelector("[data-edges]:not([hidden])")?.dataset.marked !== undefined',
        ));

        return (int) $this->browser()->executeScript('return document.querySelector("[data-edges]").dataset.marked');
    }

    private function assertInSight(string ...$parts): void
    {
        foreach ($parts as $part) {
            $seen = $this->browser()->executeScript(
                'document.querySelector("[data-finder]").scrollIntoView({block: "start", behavior: "instant"});
                const box = document.querySelector(arguments[0]).getBoundingClientRect();
                return box.width > 0 && box.top >= -1 && box.bottom <= innerHeight + 1;',
                [$part],
            );
            $this->assertTrue($seen, $part.' is in sight');
        }
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
