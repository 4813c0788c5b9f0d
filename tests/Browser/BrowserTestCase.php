<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Chromium;
use Tests\TestCase;

/** Drives the served application in a real browser, as a person would. */
abstract class BrowserTestCase extends TestCase
{
    /** Of everybody in the demo. */
    private const PASSWORD = 'eight-evenings';

    /** Of whoever is new. */
    private const NEW_PASSWORD = 'blue glaze and salt';

    /** Milliseconds between two looks at a page: each look has the page laid out anew. */
    private const LOOK_EVERY = 100;

    /** Seconds that a page may take on a busy machine; how fast it is, no test says. */
    private const PATIENCE = 45;

    private ?Chromium $chromium = null;

    /** @var list<Chromium> browsers of other people, kept open */
    private array $others = [];

    protected function tearDown(): void
    {
        foreach (array_filter([$this->chromium, ...$this->others]) as $chromium) {
            $chromium->giveBack();
        }
        $this->chromium = null;
        $this->others = [];
        parent::tearDown();
    }

    protected function open(int $width = 1280, int $height = 800): void
    {
        if ($this->chromium !== null) {
            $this->others[] = $this->chromium;
        }
        $this->chromium = Chromium::borrow($width, $height);
    }

    protected function browser(): \Facebook\WebDriver\Remote\RemoteWebDriver
    {
        return $this->chromium()->driver;
    }

    private function chromium(): Chromium
    {
        return $this->chromium ?? throw new \LogicException('Open a browser first.');
    }

    /** Goes on in a browser that was opened before. */
    protected function use(\Facebook\WebDriver\Remote\RemoteWebDriver $driver): void
    {
        foreach ($this->others as $at => $other) {
            if ($other->driver === $driver) {
                if ($this->chromium !== null) {
                    $this->others[] = $this->chromium;
                }
                $this->chromium = $other;
                unset($this->others[$at]);
                $this->others = array_values($this->others);

                return;
            }
        }
        throw new \LogicException('That browser is not open.');
    }

    protected function howMany(string $css): int
    {
        return count($this->browser()->findElements(WebDriverBy::cssSelector($css)));
    }

    protected function visit(string $path): void
    {
        $served = getenv('PUPIL_TEST_URL') ?: throw new \LogicException('Run browser tests through bin/test.');
        $this->chromium()->get($served.$path);
    }

    protected function signIn(string $name): void
    {
        $this->visit('/sign-in');
        if ($this->browser()->findElements(WebDriverBy::id('email')) === []) {
            $this->signOut();
        }
        $this->type('#email', $name.'@kilnyard.example');
        $this->type('#password', self::PASSWORD);
        $this->press('Sign in');
        $this->see('Eight Evenings of Light');
    }

    /** From the menu at one's own name. */
    protected function signOut(): void
    {
        $this->tap('[data-menu] > summary');
        $this->press('Sign out');
    }

    protected function find(string $css): RemoteWebElement
    {
        return $this->awaited(
            'return [...document.querySelectorAll(arguments[0])].slice(0, 1).find(isInSight)',
            $css,
            "Nothing is in sight at $css.",
        );
    }

    /**
     * The element that a script finds, once it is there. It knows what is in sight and what an element reads.
     *
     * @param  string  $script  its first argument is what is looked for
     */
    private function awaited(string $script, string $wanted, string $otherwise): RemoteWebElement
    {
        /** @var array<string, string> $found  its reference, as the protocol has it */
        $found = $this->browser()->wait(self::PATIENCE, self::LOOK_EVERY)->until(
            fn (): ?array => $this->browser()->executeScript(
                'const isInSight = (one) => one.checkVisibility({visibilityProperty: true});
                const reads = (one) => one.textContent.replace(/\\s+/g, " ").trim();'.$script,
                [$wanted],
            ),
            $otherwise,
        );

        return new RemoteWebElement(new RemoteExecuteMethod($this->browser()), (string) current($found), true);
    }

    protected function type(string $css, string $text): void
    {
        $this->find($css)->clear()->sendKeys($text);
    }

    /** Brings it into view, as a person would, and clicks or taps it. */
    protected function tap(string $css): void
    {
        $found = $this->find($css);
        $this->browser()->executeScript(
            'arguments[0].scrollIntoView({block: "center", behavior: "instant"})',
            [$found],
        );
        $found->click();
    }

    /** Presses the button, or follows the link, that reads so. */
    protected function press(string $label): void
    {
        // What is folded away may read as what is open does; what is under way may be drawn anew before it is pressed.
        $this->browser()->wait(self::PATIENCE, self::LOOK_EVERY)->until(
            fn (): bool => $this->isPressed($this->awaited(
                'const found = [...document.querySelectorAll("button, a")]
                    .find((one) => !one.disabled && isInSight(one) && reads(one) === arguments[0]);
                found?.scrollIntoView({block: "center", behavior: "instant"});
                found?.addEventListener("click", () => found.isPressed = true, {capture: true});
                return found;',
                $label,
                "There is nothing to press that reads \"$label\".",
            )),
            "What reads \"$label\" cannot be pressed.",
        );
    }

    /** What arrives above it in the same moment moves it away from under a click, which then meets something else. */
    private function isPressed(RemoteWebElement $found): bool
    {
        try {
            return $this->isClicked($found)
                && $this->browser()->executeScript('return arguments[0].isPressed === true', [$found]);
        } catch (StaleElementReferenceException|UnknownErrorException) {
            // The page that it was on is gone: it led elsewhere.
            return true;
        }
    }

    private function isClicked(RemoteWebElement $found): bool
    {
        try {
            $found->click();

            return true;
        } catch (StaleElementReferenceException|ElementNotInteractableException|ElementClickInterceptedException) {
            return false;
        }
    }

    /**
     * Starts a course as somebody new and sets one brief, by the requests that the forms send: how that is done by hand
     * is NewcomerTest's matter. The page shows the brief afterwards.
     *
     * @return string the address that its students join at
     */
    protected function newCourse(string $title): string
    {
        $this->open();
        $this->visit('/start');
        $course = $this->send('/start', [
            'course' => 'Course of '.bin2hex(random_bytes(2)),
            'name' => 'Rita Rows',
            'email' => 'rita.'.bin2hex(random_bytes(3)).'@kilnyard.example',
            'password' => self::NEW_PASSWORD,
        ]);
        $this->visit($course);
        $code = str_replace(' ', '', $this->find('aside .code')->getText());
        $this->visit($this->send($course.'/briefs', ['brief' => self::briefId($title)]));
        $this->see($title);

        return '/join?code='.$code;
    }

    private static function briefId(string $title): string
    {
        foreach (glob(dirname(__DIR__, 2).'/resources/briefs/*.json') ?: [] as $path) {
            if (json_decode((string) file_get_contents($path), true)['title'] === $title) {
                return basename($path, '.json');
            }
        }
        throw new \LogicException("There is no ready brief \"$title\".");
    }

    /**
     * Sends what a form of the page that is shown would send.
     *
     * @param  array<string, string>  $fields
     * @return string the path that it leads to
     */
    private function send(string $path, array $fields): string
    {
        $to = $this->browser()->executeAsyncScript(
            'const [path, fields, done] = arguments;
            fields._token = document.querySelector("[name=_token]").value;
            fetch(path, {method: "POST", body: new URLSearchParams(fields)}).then(
                (answer) => done(answer.ok && new URL(answer.url).pathname),
            );',
            [$path, $fields],
        );

        return is_string($to) ? $to : $this->fail($path.' refused what was sent.');
    }

    /** Joins a course as somebody new. */
    protected function join(string $address, string $name): void
    {
        $this->visit($address);
        foreach (
            [
                '#name' => $name,
                '#email' => strtolower(strtok($name, ' ') ?: 'x').'.'.bin2hex(random_bytes(3)).'@kilnyard.example',
                '#password' => self::NEW_PASSWORD,
            ] as $field => $text
        ) {
            $this->type($field, $text);
        }
        $this->press('Join');
        $this->see('You have joined');
    }

    /** Marks the subject of one frame for the whole row, in numbers. */
    protected function markTheRow(): void
    {
        $this->press('Mark the subject');
        $this->see('Is this the subject?');
        $this->subjectInNumbers(42, 32, 16, 36);
        $this->nextQuestion();
        $this->tap('[name=for_row]');
        $this->press('Check this frame');
        $this->see('The marks and words are with every frame of the row');
    }

    /** Hands a white subject in against "The meter is fooled", whose page is open, with the subject in numbers. */
    protected function handInWhite(string $picture, bool $showsSomebody = false): void
    {
        $this->choose('#picture', $picture);
        $this->press('Send the picture');
        $this->see('Is this the subject?', 60);
        $this->subjectInNumbers(40, 30, 20, 40);
        $this->nextQuestion();
        $this->browser()->executeScript('document.querySelector("input[value=white]").click()');
        if ($showsSomebody) {
            $this->browser()->executeScript('document.querySelector("[name=\"intent[person]\"]").click()');
        }
        $this->press('Check this frame');
        $this->see('Checks of the brief', 60);
        $this->press('Hand in attempt 1');
        $this->see('Attempt 1 is handed in.');
    }

    /** On a phone one question is shown after the other. */
    protected function nextQuestion(): void
    {
        if ($this->howMany('[data-steps-nav]:not([hidden])') > 0) {
            $this->press('Next');
        }
    }

    /** In % of the frame. */
    protected function subjectInNumbers(int $x, int $y, int $width, int $height): void
    {
        $this->unfold('More marks');
        foreach (compact('x', 'y', 'width', 'height') as $side => $percent) {
            $this->type('[data-side='.$side.']', (string) $percent);
        }
    }

    /** Nothing of the page is out of sight, and nearly all of the picture is in it. */
    protected function assertFitsTheScreen(): void
    {
        [$page, $screen, $seen] = $this->browser()->executeScript(
            'const box = document.querySelector(".stage-frame:not([hidden]) .picture").getBoundingClientRect();
            const across = Math.min(box.right, innerWidth) - Math.max(box.left, 0);
            const down = Math.min(box.bottom, innerHeight) - Math.max(box.top, 0);
            return [document.documentElement.scrollHeight, innerHeight,
                Math.max(0, across) * Math.max(0, down) / (box.width * box.height)];',
        );
        $this->assertLessThanOrEqual($screen, $page, 'the page is no higher than the screen');
        $this->assertGreaterThanOrEqual(0.95, $seen, 'share of the picture in sight');
    }

    /** Opens what is folded under a heading; a page that is still arriving may move it away from under a click. */
    protected function unfold(string $heading): void
    {
        $this->browser()->wait(self::PATIENCE, self::LOOK_EVERY)->until(
            function () use ($heading): bool {
                $summary = $this->awaited(
                    'const found = [...document.querySelectorAll("summary")]
                        .find((one) => isInSight(one) && reads(one).includes(arguments[0]));
                    found?.scrollIntoView({block: "center", behavior: "instant"});
                    return found;',
                    $heading,
                    "There is nothing to unfold that reads \"$heading\".",
                );

                return $this->isClicked($summary) && $this->isOpen($summary);
            },
            "What reads \"$heading\" does not open.",
        );
    }

    private function isOpen(RemoteWebElement $summary): bool
    {
        try {
            return (bool) $this->browser()->executeScript('return arguments[0].parentElement.open', [$summary]);
        } catch (StaleElementReferenceException) {
            return true;
        }
    }

    protected function see(string $text, int $seconds = self::PATIENCE): void
    {
        try {
            $this->browser()
                ->wait($seconds, self::LOOK_EVERY)
                ->until(fn () => str_contains($this->pageText(), $text));
        } catch (TimeoutException) {
            // What the page reads once the wait is over tells why, where what it read before tells nothing.
            $this->fail("Waited for \"$text\"; the page reads:\n".mb_substr($this->pageText(), 0, 3000));
        }
        $this->addToAssertionCount(1);
    }

    protected function notSee(string $text): void
    {
        $this->assertStringNotContainsString($text, $this->pageText());
    }

    protected function choose(string $css, string $file): void
    {
        $this->browser()
            ->findElement(WebDriverBy::cssSelector($css))
            ->setFileDetector(new LocalFileDetector())
            ->sendKeys($file);
    }

    /** Draws on an element from one place to another, given as shares of it; again where it was drawn anew. */
    protected function drag(string $css, array $from, array $to): void
    {
        $this->browser()->wait(self::PATIENCE, self::LOOK_EVERY)->until(function () use ($css, $from, $to): bool {
            try {
                $this->dragOnce($this->find($css), $from, $to);
            } catch (StaleElementReferenceException|UnknownErrorException) {
                return false;
            }

            return true;
        }, 'Nothing can be drawn at '.$css.'.');
    }

    private function dragOnce(RemoteWebElement $element, array $from, array $to): void
    {
        $this->browser()->executeScript('arguments[0].scrollIntoView({block: "center", behavior: "instant"})', [
            $element,
        ]);
        $size = $element->getSize();
        // Offsets count from the element's middle.
        $at = fn (array $share): array => [
            (int) round(($share[0] - 0.5) * $size->getWidth()),
            (int) round(($share[1] - 0.5) * $size->getHeight()),
        ];
        $this->browser()
            ->action()
            ->moveToElement($element, ...$at($from))
            ->clickAndHold()
            ->moveToElement($element, ...$at($to))
            ->release()
            ->perform();
    }

    protected function pageText(): string
    {
        return (string) $this->browser()->executeScript('return document.body ? document.body.innerText : ""');
    }

    protected function assertNothingSticksOut(): void
    {
        $this->assertLessThanOrEqual(
            0,
            // A phone shows a page that is too wide smaller: the width that it was laid out for is what counts.
            $this->browser()->executeScript(
                'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
            ),
            'the page is wider than the screen',
        );
    }

    /** No violation of WCAG 2 A and AA that can be found by machine. */
    protected function assertAccessible(): void
    {
        $this->browser()->executeScript((string) file_get_contents(__DIR__.'/../Fixtures/axe/axe.min.js'));
        $violations = $this->browser()->executeAsyncScript(
            'const done = arguments[arguments.length - 1];
            axe.run({
                runOnly: ["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"],
                resultTypes: ["violations"],
            }).then((found) => done(
                found.violations.map(
                    (v) => v.id + ": " + v.nodes.map((n) => n.target.join(" ")).join(", "),
                ),
            ));',
        );
        $this->assertSame([], $violations, $this->browser()->getCurrentURL());
    }
}
