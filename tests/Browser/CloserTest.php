<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Pictures;

/** Looking closer at the desk: by key, by button and by hand; and other settings, of which one follows. */
#[Group('long')]
final class CloserTest extends BrowserTestCase
{
    public function test_a_frame_is_seen_closer_and_other_settings_are_suggested(): void
    {
        $address = $this->newCourse('The meter is fooled');
        $instructor = $this->browser();
        $this->open();
        $this->join($address, 'Lea Close');
        $this->press('The meter is fooled');
        $this->handInWhite(Pictures::jpeg(patch: 118));

        $this->use($instructor);
        $this->visit('/');
        $this->press('Begin with the longest waiting');
        $this->see('Write');
        $this->lookCloser();
        $this->press('Say');
        $this->suggest();
        $this->assertAccessible();
        $this->assertNothingSticksOut();
    }

    private function lookCloser(): void
    {
        $this->assertSame(1.0, $this->scale());
        $body = $this->find('body');
        $body->sendKeys('cc');
        $this->browser()->wait(10, 100)->until(fn (): bool => abs($this->scale() - 1.6 ** 2) < 0.01,
            'two steps closer');
        // The small copy has no more to show at this size: every pixel of the picture comes.
        $this->browser()
            ->wait(20, 100)
            ->until(
                fn (): bool => (bool) $this->browser()->executeScript(
                    'const i = document.querySelector("[data-zoom] img"); return i.src.endsWith("/whole") && '.
                        'i.complete && i.naturalWidth > 0',
                ),
            );
        $before = $this->left();
        (new WebDriverActions($this->browser()))
            ->keyDown(null, WebDriverKeys::SHIFT)
            ->sendKeys(null, WebDriverKeys::ARROW_RIGHT)
            ->keyUp(null, WebDriverKeys::SHIFT)
            ->perform();
        $moved = $this->left();
        $this->assertLessThan($before - 20, $moved, 'what lay to the right has come in');
        $picture = $this->find('[data-zoom] .surround');
        (new WebDriverActions($this->browser()))
            ->moveToElement($picture)
            ->clickAndHold()
            ->moveByOffset(60, 0)
            ->release()
            ->perform();
        $this->assertEqualsWithDelta($moved + 60, $this->left(), 3, 'it follows the hand');
        $body->sendKeys('ff');
        $this->browser()->wait(10, 100)->until(fn (): bool => $this->scale() === 1.0);
    }

    private function suggest(): void
    {
        $this->unfold('Suggest other settings');
        $time = fn (): string => (string) $this->browser()->executeScript(
            'const s = document.querySelector(".suggestion-editor select[name=t]"); return s ? '.
                's.selectedOptions[0].textContent : ""',
        );
        $this->browser()->wait(20, 100)->until(fn (): bool => $time() !== '');
        $first = $time();
        $select = $this->find('.suggestion-editor select[name=n]');
        $this->browser()->executeScript('arguments[0].scrollIntoView({block: "center", behavior: "instant"})', [
            $select,
        ]);
        $select->findElement(WebDriverBy::xpath('./option[normalize-space()="ƒ/16"]'))->click();
        $this->browser()->wait(20, 100)->until(fn (): bool => $time() !== '' && $time() !== $first, 'the time follows');
        $this->press('Let this go with the return');
        $this->see('Kept: it is chosen below.');
        $this->assertSame('9', $this->find('.publish [name^="suggestion["]:checked')->getAttribute('value'));
    }

    private function scale(): float
    {
        return (float) $this->browser()->executeScript(
            'return new DOMMatrix(getComputedStyle(document.querySelector("[data-zoom] .picture")).transform).a',
        );
    }

    private function left(): float
    {
        return (float) $this->browser()->executeScript(
            'return document.querySelector("[data-zoom] .picture").getBoundingClientRect().left',
        );
    }
}
