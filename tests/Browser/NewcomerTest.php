<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Pictures;

/** Somebody who has never been here sets a first brief; a student plans and hands in several frames. At both widths. */
#[Group('long')]
final class NewcomerTest extends BrowserTestCase
{
    private const MOST_SECONDS = 120;

    private const MOST_SCREENS = 6;

    /**
     * A person reads and types more slowly than a driver: so many characters and screens are counted at a person's
     * pace.
     */
    private const SECONDS_A_SCREEN = 6;

    private const CHARACTERS_A_SECOND = 4;

    #[DataProvider('widths')]
    public function test_a_newcomer_sets_the_first_brief_of_a_new_course(int $width, int $height): void
    {
        $this->open($width, $height);
        $this->visit('/sign-in');
        $screens = 1;
        $this->press('start a course of your own');
        $this->see('What the course is called');
        $screens++;
        $input = [
            '#course' => 'Winter light',
            '#name' => 'Nova Comer',
            '#email' => 'nova'.$width.'.'.bin2hex(random_bytes(3)).'@kilnyard.example',
            '#password' => 'ten-characters',
        ];
        foreach ($input as $field => $text) {
            $this->type($field, $text);
        }
        $this->assertNothingSticksOut();
        $this->assertAccessible();
        $this->press('Start the course');
        $this->see('The course is there.');
        $screens++;
        $this->press('Set the first brief');
        $this->see('First things');
        $screens++;
        $this->unfold('The meter is fooled');
        $this->see('Take care');
        $this->assertNothingSticksOut();
        $this->assertAccessible();
        $this->press('Set this brief');
        $this->see('The brief is set. Students see it from now on.');
        $screens++;
        $this->assertNothingSticksOut();

        $this->assertLessThanOrEqual(self::MOST_SCREENS, $screens);
        $seconds =
            self::SECONDS_A_SCREEN * $screens + array_sum(array_map(strlen(...), $input)) / self::CHARACTERS_A_SECOND;
        $this->assertLessThan(self::MOST_SECONDS, $seconds, 'at a person\'s pace');
    }

    #[DataProvider('widths')]
    public function test_a_student_plans_and_hands_in_three_frames(int $width, int $height): void
    {
        $address = $this->newCourse('Same light, three ways');
        // A student joins by the code.
        $this->open($width, $height);
        $this->join($address, 'Stella Dent');
        $this->see('You have joined');
        $this->assertNothingSticksOut();
        $this->assertAccessible();

        // The plan: light from the table, a distance, one of the settings taken.
        $this->press('Plan it');
        $this->see('What do you mean to do?');
        $this->assertNothingSticksOut();
        $this->unfold('Everything that a plan can say');
        $this->browser()->executeScript(
            'const field = document.querySelector("#condition"); field.value = "overcast"; field.dispatchEvent(new '.
                'Event("change", { bubbles: true }));',
        );
        $this->see('Settings that fit');
        $this->type('[name=subject]', '3');
        $this->browser()->executeScript(
            'document.querySelector("[name=subject]").dispatchEvent(new Event("change", { bubbles: true }))',
        );
        $this->see('focus at 3.00 m');
        $this->browser()->executeScript('document.querySelector(".plan-choice input").click()');
        $this->see('Taken. Your frames will be held against it');
        $this->assertNothingSticksOut();
        $this->assertAccessible();

        // Three frames at once, with real progress.
        $this->press('Same light, three ways');
        $this->see('Your plan:');
        $files = [];
        foreach ([[2.8, 1 / 500], [5.6, 1 / 125], [11, 1 / 30]] as $mark => [$n, $t]) {
            $files[] = Pictures::jpeg(
                record: Pictures::record($n, $t, takenAt: new \DateTimeImmutable('2026-10-03 18:00:0'.$mark)),
                mark: 40 + $mark,
            );
        }
        $this->choose('#picture', implode("\n", $files));
        $this->press('Send them');
        $this->see('3 of 3 frames');
        $this->see('Mark the subject');
        $this->assertNothingSticksOut();
        $this->assertAccessible();

        // Once all of them are read, nothing but the test itself draws the page anew.
        $this->browser()->wait(60, 200)->until(fn (): bool => $this->howMany('.contact .turning') === 0);
        $this->chosenFilesStay();

        // Marks once for the whole row.
        $this->markTheRow();
        $this->see('What is said of the row', 60);
        $this->see('All frames are equally bright');
        $this->see('against the plan');
        $this->assertNothingSticksOut();
        $this->press('Hand in attempt 1');
        $this->see('Attempt 1 is handed in.');

        // A change of mind, as long as nobody has opened it.
        $this->press('Look at it');
        $this->press('Take it back and change it');
        $this->see('The attempt is yours again.');
        $this->press('Hand in attempt 1');
        $this->see('Attempt 1 is handed in.');
    }

    public function test_sending_goes_on_after_the_connection_was_gone(): void
    {
        $address = $this->newCourse('Same light, three ways');
        $this->open();
        $this->join($address, 'Theo Dent');
        $this->press('Same light, three ways');
        $path = Pictures::jpeg(mark: 50);
        // Larger than two pieces; a decoder stops at the end of the picture.
        file_put_contents($path, str_repeat("\0", 2_500_000), FILE_APPEND);
        $this->choose('#picture', $path);
        // The second piece finds no connection, twice.
        $this->browser()->executeScript('
            window.sent = 0;
            const send = XMLHttpRequest.prototype.send;
            XMLHttpRequest.prototype.send = function (body) {
                window.sent += 1;
                if (window.sent === 2 || window.sent === 3) {
                    setTimeout(() => this.dispatchEvent(new Event("error")), 50);
                    return;
                }
                send.call(this, body);
            };');
        $this->press('Send them');
        $this->see('What has arrived is kept; trying again');
        $this->see('1 of 3 frames', 40);
        $this->see('Mark the subject');
        // Nothing was sent twice: three pieces and the two that failed, no more.
        $this->assertCount(1, $this->browser()->findElements(WebDriverBy::cssSelector('.contact')));
    }

    public static function widths(): iterable
    {
        yield 'a desk' => [1280, 800];
        yield 'a phone' => [390, 844];
    }

    /** What is chosen to be sent next is not lost when the frames before it are drawn anew. */
    private function chosenFilesStay(): void
    {
        // While the page is drawn anew, the field is out of it for a moment.
        $chosen = fn (): int => (int) $this->browser()->wait(5, 50)->until(
            fn (): ?string => $this->browser()->executeScript(
                "return document.querySelector('input[type=file]')?.files.length.toString()",
            ),
        );
        $this->choose('#picture', Pictures::jpeg(mark: 99));
        $this->browser()->executeScript(
            "window.drawn = 0;
            document.body.addEventListener('htmx:afterSettle', () => window.drawn++);
            htmx.ajax('GET', location.pathname + '/progress', { target: '#attempt', swap: 'outerHTML' })",
        );
        $this->browser()
            ->wait(20, 100)
            ->until(fn (): bool => $this->browser()->executeScript('return window.drawn') > 0);
        $this->assertSame(1, $chosen());
    }
}
