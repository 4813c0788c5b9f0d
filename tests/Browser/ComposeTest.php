<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Pictures;

/**
 * An instructor composes a brief from nothing, and it leads the critique of a frame that misses it. In a browser,
 * because the form grows by what is pressed in it.
 */
#[Group('long')]
final class ComposeTest extends BrowserTestCase
{
    private int $actions = 0;

    public function test_a_face_by_the_window_is_composed_in_a_few_steps_and_leads_the_critique(): void
    {
        $address = $this->newCourse('First settings');
        $page = (string) $this->browser()->executeScript('return document.body.innerHTML');
        preg_match('~/courses/\d+~', $page, $course);
        $this->visit($course[0].'/compose');
        $this->write('[name=title]', 'A face by the window');
        $this->write('#purpose', 'Put light in the near eye, and let the room go soft.');
        foreach (['aperture', 'focal length', 'an eye'] as $number => $topic) {
            $this->act(fn () => $this->press($topic));
            $this->find(sprintf('[name="checks[%d][reason]"]', $number));
            $this->write(sprintf('[name="checks[%d][reason]"]', $number), 'It is looked at first.');
        }
        $this->act(fn () => (new WebDriverSelect($this->find('[name="checks[2][limit]"]')))->selectByValue('0.52'));
        $this->see('Aperture: ƒ/2.8 or wider; ƒ/3.2 is close');
        $this->see('Sharpness of the eye: clearly sharp (52 %) or sharper');
        // The limit opens its scale; a handle is moved by keys or dragged, and what is close goes with it.
        $this->tap('[name="checks[0][limit]"]');
        $this->find('[data-handle=limit]')->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $this->see('Aperture: ƒ/3.2 or wider; ƒ/3.5 is close');
        $this->find('[data-handle=limit]')->sendKeys(WebDriverKeys::ARROW_LEFT);
        $this->see('Aperture: ƒ/2.8 or wider; ƒ/3.2 is close');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
        $this->drag('.check-scale:not([hidden]) .scale-bar', [0.5416, 0.5], [0.8, 0.5]);
        $this->assertNotSame('⅓', $this->find('[name="checks[0][tolerance]"]')->getAttribute('value'));
        $this->type('[name="checks[0][tolerance]"]', '⅓');
        $this->see('Aperture: ƒ/2.8 or wider; ƒ/3.2 is close');
        $this->act(fn () => $this->press('Save the brief'));
        $this->see('A face by the window');
        $this->act(fn () => $this->unfold('A face by the window'));
        $this->act(fn () => $this->press('Set this brief'));
        $this->see('The brief is set.');
        $this->assertLessThan(25, $this->actions);

        $this->open();
        $this->join($address, 'Vera Window');
        $this->press('A face by the window');
        $this->choose('#picture', Pictures::jpeg());
        $this->press('Send the picture');
        $this->see('Is this the subject?');
        $this->drag('[data-mark]', [0.42, 0.32], [0.58, 0.68]);
        $this->press('Check this frame');
        $this->see('Beyond the brief');
        // Pictures::jpeg() was taken at ƒ/5.6 with 50 mm.
        $first = $this->find('.result .finding')->getText();
        $this->assertStringContainsString(
            'The brief asks: “Aperture: ƒ/2.8 or wider; ƒ/3.2 is close.” Here it is ƒ/5.6.',
            $first,
        );
        $this->see('What would have been better');
    }

    private function write(string $css, string $text): void
    {
        $this->act(fn () => $this->type($css, $text));
    }

    /** One step of a person: something typed, chosen or pressed. */
    private function act(callable $step): void
    {
        $this->actions++;
        $step();
    }
}
