<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Pictures;

/** A student on a phone: every page fits, wrong files are told, nothing typed is lost. */
#[Group('long')]
final class PhoneTest extends BrowserTestCase
{
    public function test_a_student_prepares_a_frame_on_a_phone(): void
    {
        $this->setTheBrief();
        $this->open(390, 844);
        $this->signIn('bea');
        $this->assertNothingSticksOut();
        $this->press('The meter is fooled');
        $this->see('Take care');
        $this->assertNothingSticksOut();
        $this->assertAccessible();

        $this->choose('#picture', Pictures::file('not a picture at all'));
        $this->press('Send the picture');
        $this->see('This is not a picture');

        $this->choose('#picture', Pictures::jpeg(patch: 180));
        $this->press('Send the picture');
        $this->see('Is this the subject?');
        $this->assertNothingSticksOut();

        // Words typed and not sent are still there after the page was lost.
        $this->press('Next');
        $this->type('#reason', 'A patch of light.');
        $this->browser()->navigate()->refresh();
        $this->press('Next');
        $this->press('Use this text');
        $this->assertSame('A patch of light.', $this->find('#reason')->getAttribute('value'));
        $this->press('Back');

        // Marked by numbers and moved by keys, for those who cannot draw.
        $this->unfold('More marks');
        foreach (['x' => '41', 'y' => '32', 'width' => '16', 'height' => '36'] as $side => $percent) {
            $this->type('[data-side='.$side.']', $percent);
        }
        $this->find('[data-rectangle]')->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $this->assertSame('42', $this->find('[data-side=x]')->getAttribute('value'));
        $this->press('Next');
        $this->tap('input[value=white]');
        // What it comes to is said before it is sent.
        $this->press('Back');
        $this->see('is wanted');
        $this->press('Next');
        $this->press('Check this frame');
        $this->see('Checks of the brief');
        $this->see('cannot be told yet');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
    }

    /** The brief may have been set by another test already. */
    private function setTheBrief(): void
    {
        $this->open();
        $this->signIn('maren');
        $this->press('Set a brief');
        $this->see('The meter is fooled');
        $this->unfold('The meter is fooled');
        if (! str_contains($this->pageText(), 'set to the course already')) {
            $this->press('Set this brief');
            $this->see('The brief is set.');
        }
    }
}
