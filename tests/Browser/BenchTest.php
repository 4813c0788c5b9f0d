<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** The Bench in a browser: answers while typing, addresses that hold them, and the exposure map by keyboard. */
#[Group('long')]
final class BenchTest extends BrowserTestCase
{
    public function test_answers_follow_what_is_typed_and_the_address_holds_them(): void
    {
        $this->open();
        $this->signIn('nils');
        $this->press('Bench');
        $this->see('Every number of the trade');
        $this->assertAccessible();
        $this->press('Depth of field');
        $this->see('4.19 m');
        $this->type('[name=n]', '2.8');
        $this->see('3.33 m');
        $address = (string) $this->browser()->getCurrentURL();
        $this->assertStringContainsString('n=2.8', $address);
        $this->assertAccessible();

        // Whoever opens the address sees the same.
        $this->browser()->get($address);
        $this->see('3.33 m');
        $this->type('[name=s]', '-1');
        $this->see('"Focused at" must be greater than zero; got -1.');
        $this->assertSame('-1', $this->find('[name=s]')->getAttribute('value'));
        $this->type('[name=s]', '3');
        $this->see('3.33 m');
    }

    public function test_the_exposure_map_says_why_a_cell_is_barred(): void
    {
        $this->open();
        $this->signIn('nils');
        $this->visit('/bench/solve');
        $this->see('Exposure map');
        $this->assertAccessible();
        $map = $this->find('.exposure-map svg');
        $this->browser()->executeScript(
            'arguments[0].scrollIntoView({block: "center", behavior: "instant"}); arguments[0].focus()',
            [$map],
        );
        $readout = fn (): string => $this->find('[data-readout]')->getText();
        // To the left edge the lens ends; nothing is open there.
        $map->sendKeys(array_fill(0, 30, WebDriverKeys::ARROW_LEFT));
        $this->assertStringContainsString('Beyond the lens', $readout());
        $before = $readout();
        $map->sendKeys([WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_UP]);
        $this->assertNotSame($before, $readout());
        $this->browser()->action()->moveToElement($map, 0, 0)->perform();
        $this->assertMatchesRegularExpression('~ƒ/[\d.]+, (1/\d+|[\d.]+) s, ISO \d+~u', $readout());

        // Impossible wishes are told with what would help.
        $this->type('[name=light]', '-6');
        $this->see('Nothing in the kit meets every wish.');
        $this->see('more light on it');
    }

    public function test_bench_and_kit_fit_a_phone(): void
    {
        $this->open(390, 844);
        $this->signIn('amara');
        $this->visit('/bench/solve');
        $this->see('Exposure map');
        $this->assertNothingSticksOut();
        $this->visit('/kit');
        $this->see('What do you photograph with?');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
        $this->type('[name=name]', 'Marlpit One');
        $this->type('#lenses', 'the fast one');
        $this->press('Save the kit');
        $this->see('cannot be read as a lens');
        $this->assertSame('Marlpit One', $this->find('[name=name]')->getAttribute('value'));
        $this->type('#lenses', '50 mm 1.8 to 16 from 0.45 m');
        $this->browser()->executeScript('arguments[0].scrollIntoView({block: "center", behavior: "instant"})', [
            $this->find('[value=tripod]'),
        ]);
        $this->tap('[value=tripod]');
        $this->press('Save the kit');
        $this->see('Your kit is kept.');
        $this->visit('/bench/solve');
        $this->see('50 mm 1.8');
        $this->assertNothingSticksOut();
    }
}
