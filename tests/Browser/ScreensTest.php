<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Pictures;

/**
 * Every main screen, for a teacher and a student, on a desk and on a phone: nothing sticks out, and nothing that a
 * machine can find bars anybody.
 */
#[Group('long')]
final class ScreensTest extends BrowserTestCase
{
    #[DataProvider('widths')]
    public function test_a_teacher_s_screens(int $width, int $height): void
    {
        $this->newCourse('Same light, three ways');
        $cookies = $this->browser()->manage()->getCookies();
        $this->open($width, $height);
        $this->visit('/sign-in');
        foreach ($cookies as $cookie) {
            $this->browser()->manage()->addCookie($cookie);
        }
        $this->visit('/');
        $course = (string) parse_url($this->browser()->getCurrentURL(), PHP_URL_PATH);
        $this->assertMatchesRegularExpression('~^/courses/\d+$~', $course);
        $brief = (string) parse_url((string) $this->find('.brief-line a')->getAttribute('href'), PHP_URL_PATH);
        foreach (
            [
                $course,
                $course.'/board',
                $course.'/desk',
                $course.'/members',
                $course.'/set-briefs',
                $course.'/class',
                $course.'/invitation',
                $course.'/settings',
                $course.'/briefs',
                $course.'/compose',
                $course.'/compose?from=three-controls',
                $course.'/drills',
                $brief,
                $brief.'/patterns',
                '/start',
                '/bench/solve',
            ] as $path
        ) {
            $this->look($path);
        }
    }

    public function test_a_teacher_s_screens_where_something_was_handed_in(): void
    {
        $address = $this->newCourse('The meter is fooled');
        $teacher = $this->browser();
        $this->open();
        $this->join($address, 'Sven Dent');
        $this->press('The meter is fooled');
        $this->handInWhite(Pictures::jpeg(patch: 118), showsSomebody: true);

        $this->use($teacher);
        $this->visit('/');
        $course = (string) parse_url($this->browser()->getCurrentURL(), PHP_URL_PATH);
        $brief = (string) parse_url((string) $this->find('.brief-line h3 a')->getAttribute('href'), PHP_URL_PATH);
        foreach (
            [
                $course,
                $course.'/desk',
                $course.'/desk?by=student&as=table',
                $course.'/board',
                $course.'/class',
                $brief,
                $brief.'/patterns',
                $brief.'/patterns/project?at=2',
            ] as $path
        ) {
            $this->look($path);
            // A page about pictures shows some.
            str_contains($path, 'project') ||
                $this->assertGreaterThan(0, $this->howMany('main img, main svg'), $path);
        }
        $this->visit($course);
        $this->press('Begin with the longest waiting');
        foreach (['Numbers', 'Say', 'Look'] as $part) {
            $this->press($part);
            $this->assertFitsTheScreen();
        }
        $this->browser()->action()->sendKeys(null, 't')->perform();
        $this->find('#summary')->sendKeys('A word, and another, and a third.');
        $this->assertFitsTheScreen();

        // A place is drawn on the picture, and goes with the note.
        $this->press('Mark the place in the picture');
        $this->drag('.stage-frame .picture', [0.2, 0.2], [0.5, 0.6]);
        $this->type('[data-note] textarea', 'Here it pulls.');
        $this->press('Add the note');
        $this->see('at the mark in the picture');
        // Of somebody the usual remarks are at hand: one press, then the place.
        $this->press('chin');
        $this->drag('.stage-frame .picture', [0.4, 0.3], [0.6, 0.5]);
        $this->assertFitsTheScreen();
        $this->press('Add the note');
        $this->see('The chin a little forward and down parts it from the neck.');
        // What if: the light is moved, and the large picture shows it.
        $this->unfold('What if');
        $this->find('[name="exposure[stops]"]');
        $this->browser()->executeScript(
            'const slider = document.querySelector("[name=\"exposure[stops]\"]");
            slider.value = 1; slider.dispatchEvent(new Event("input", {bubbles: true}));',
        );
        $this->find('.stage-preview');
        $this->assertFitsTheScreen();
        $this->press('Draw what should be level');
        $this->drag('.stage-frame .picture', [0.1, 0.5], [0.9, 0.55]);
        $this->assertLessThan(
            -1,
            (float) $this->find('[name="straighten[degrees]"]')->getAttribute('value'),
            'what falls to the right is turned back',
        );
        $this->press('Save it with the critique');
        $this->see('straightened');
        $this->assertAccessible();
    }

    #[DataProvider('widths')]
    public function test_a_student_s_screens(int $width, int $height): void
    {
        $address = $this->newCourse('Same light, three ways');
        $this->open($width, $height);
        $this->join($address, 'Sven Dent');
        $course = (string) parse_url($this->browser()->getCurrentURL(), PHP_URL_PATH);
        $brief = (string) parse_url((string) $this->find('.brief-line a')->getAttribute('href'), PHP_URL_PATH);
        foreach (
            [
                $course,
                $course.'/skills',
                $brief,
                $brief.'/plan',
                $brief.'/plan/print',
                '/kit',
                '/banks',
                '/banks/new?kind=night-sky',
                '/banks/cards',
                '/first-settings',
                '/practice',
                '/practice/pots',
                '/drills',
                '/bench',
                '/join',
            ] as $path
        ) {
            $this->look($path);
        }
    }

    public function test_what_cannot_be_read_is_told_at_its_field(): void
    {
        $this->open();
        $this->signIn('tobin');
        $this->visit('/kit');
        $this->unfold('More of the body');
        $this->type('[name="isoMin"]', 'few');
        $this->type('[name="slowest"]', 'long');
        $this->press('Save the kit');
        $this->see('Something needs another look');

        foreach (['isoMin' => 'is no number', 'slowest' => 'cannot be read'] as $name => $says) {
            $field = $this->find('[name="'.$name.'"]');
            $this->assertSame('true', $field->getAttribute('aria-invalid'));
            $told = $this->find('#'.$field->getAttribute('aria-describedby'));
            $this->assertStringContainsString($says, $told->getText());
            $this->assertSame(1, substr_count($this->pageText(), $says), 'said once, at its field');
        }
        $this->assertSame('few', $this->find('[name="isoMin"]')->getAttribute('value'));
        $this->assertSame('isoMin', $this->browser()->switchTo()->activeElement()->getAttribute('name'));
    }

    public static function widths(): iterable
    {
        yield 'a desk' => [1280, 800];
        yield 'a phone' => [390, 844];
    }

    private function look(string $path): void
    {
        $this->visit($path);
        $this->find('main');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
    }
}
