<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Every main screen, for a teacher and a student, on a desk and on a phone: nothing sticks out, and nothing that a
 * machine can find bars anybody.
 */
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

    #[DataProvider('widths')]
    public function test_a_teacher_s_screens_where_much_is_going_on(int $width, int $height): void
    {
        $this->open($width, $height);
        $this->signIn('maren');
        $course = (string) parse_url($this->browser()->getCurrentURL(), PHP_URL_PATH);
        $this->visit($course.'/class');
        $class = (string) parse_url((string) $this->find('.sheet-group h2 a')->getAttribute('href'), PHP_URL_PATH);
        foreach (
            [
                $course,
                $course.'/desk',
                $course.'/desk?by=student&as=table',
                $course.'/board',
                $course.'/class',
                $course.'/compose?from=night-ladder',
                $class,
                $class.'/project?at=2',
                str_replace('/patterns', '', $class),
            ] as $path
        ) {
            $this->look($path);
            // A page about pictures shows some.
            str_contains($path, 'compose') || $this->assertGreaterThan(0, $this->howMany('main img, main svg'), $path);
        }
    }

    public function test_the_picture_stays_in_sight_through_every_attempt_of_the_demo(): void
    {
        $this->open();
        $this->signIn('maren');
        $course = (string) parse_url($this->browser()->getCurrentURL(), PHP_URL_PATH);
        $this->visit($course.'/desk?by=wait');
        $attempts = $this->browser()->executeScript(
            'return [...document.querySelectorAll(".waiting-card .contact-name a")].map((a) => a.pathname);',
        );
        $this->assertGreaterThanOrEqual(15, count($attempts));
        foreach ($attempts as $attempt) {
            $this->visit($attempt);
            $this->find('[data-desk] .picture');
            foreach (['Numbers', 'Say', 'Look'] as $part) {
                $this->press($part);
                $this->assertFitsTheScreen();
            }
            $this->browser()->action()->sendKeys(null, 't')->perform();
            $this->find('#summary');
            $this->assertFitsTheScreen();
        }
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
