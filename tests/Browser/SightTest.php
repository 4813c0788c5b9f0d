<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Practice\CameraSetups;
use App\Practice\Finder;
use App\Practice\RenderQuality;
use App\Practice\Scene;
use App\Practice\SceneRenderer;
use App\Practice\ShotInput;
use DateTimeImmutable;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Pictures;

/**
 * A subject that is proposed, and a face that the browser finds: each taken by one tap. It takes its time because the
 * packaged models run in it, which nothing but a browser can show.
 */
#[Group('long')]
final class SightTest extends BrowserTestCase
{
    #[DataProvider('widths')]
    public function test_the_proposed_subject_and_a_found_face_are_taken_by_one_tap(int $width, int $height): void
    {
        $address = $this->newCourse('Face and eyes');
        $this->open($width, $height);
        $this->join($address, 'Vera '.$width);
        $this->press('Face and eyes');
        $this->choose('#picture', $this->bust());
        $this->press('Send the picture');
        $this->see('Is it this?');
        $this->assertNothingSticksOut();
        $this->assertAccessible();

        $this->unfold('More marks');
        $this->assertTrue($this->isDrawnOn('[data-proposed]'), 'within the outline one draws as anywhere');
        $this->tap('[data-proposed] span');
        $this->assertSame(0, $this->howMany('[data-proposed]'));
        $proposed = $this->subject();
        $this->assertTrue($this->holds($proposed, 50.0, 40.0), 'the head lies in what was proposed');

        $this->press('Look for people, faces and things');
        $this->see('Found: one face', 60);
        $this->assertSame(2, $this->howMany('.found-eye'));
        $this->assertAccessible();
        $this->tap('.found-face');
        $face = $this->subject();
        $this->assertTrue($this->holds($face, 50.0, 39.0), 'between the eyes');
        $this->assertLessThan($proposed['width'] * $proposed['height'], $face['width'] * $face['height']);
        [$x, $y] = array_map(floatval(...), explode(',', (string) $this->find('[data-points]')->getAttribute('value')));
        $this->assertSame(
            'eye',
            $this->browser()->executeScript('return document.querySelector("[data-mark-row] [data-kind]").value'),
        );
        // The eyes of the bust stand at 46.5 and 53.6 % across, 39 % down.
        $this->assertLessThan(2.5, min(abs($x - 46.5), abs($x - 53.6)));
        $this->assertEqualsWithDelta(39.0, $y, 3.0);

        // What is taken for the subject is outlined, and a tap corrects it; then one draws the subject as before.
        $this->find('[data-mark] > .subject-outline');
        $this->press('It misses a part');
        $this->assertSame('belongs', $this->find('[data-tool]:is(select)')->getAttribute('value'));
        $this->drag('[data-mark]', [0.55, 0.6], [0.55, 0.6]);
        $this->see('A place that belongs to the subject');
        $this->assertSame('subject', $this->find('[data-tool]:is(select)')->getAttribute('value'));

        // What was found goes with the form as a question, until it is said to be right.
        $seen = fn (): array => (array) json_decode(
            (string) $this->browser()->executeScript('return document.querySelector("[name=seen]").value'),
            true,
        );
        $this->assertCount(1, $seen()['faces']);
        $this->tap('[data-right]');
        $this->assertTrue($seen()['confirmed']);
        $this->press('Forget it');
        $this->assertSame([], $seen());

        // Everything that was loaded for it came from here, and nothing was sent.
        $foreign = $this->browser()->executeScript(
            'return performance.getEntriesByType("resource").filter((one) => !one.name.startsWith(location.origin) && '.
                '!one.name.startsWith("data:") && !one.name.startsWith("blob:")).map((one) => one.name);',
        );
        $this->assertSame([], $foreign);
    }

    /** @return iterable<string, array{int, int}> */
    public static function widths(): iterable
    {
        yield 'a desk' => [1280, 800];
        yield 'a phone' => [390, 844];
    }

    /** @return array<string, float> % of the frame */
    private function subject(): array
    {
        $sides = [];
        foreach (['x', 'y', 'width', 'height'] as $side) {
            $sides[$side] = (float) $this->find("[data-side=$side]")->getAttribute('value');
        }

        return $sides;
    }

    /** Whether what lies over the picture lets a pointer through to it, in its middle. */
    private function isDrawnOn(string $css): bool
    {
        return (bool) $this->browser()->executeScript(
            'const one = document.querySelector(arguments[0]); one.scrollIntoView({block: "center"});
            const box = one.getBoundingClientRect();
            const hit = document.elementFromPoint(box.left + box.width / 2, box.top + box.height / 2);
            return hit !== null && !one.contains(hit) && hit.closest("[data-mark]") !== null;',
            [$css],
        );
    }

    /** @param  array<string, float>  $region */
    private function holds(array $region, float $x, float $y): bool
    {
        return $x > $region['x'] &&
            $x < $region['x'] + $region['width'] &&
            $y > $region['y'] &&
            $y < $region['y'] + $region['height'];
    }

    private function bust(): string
    {
        $shot = (new ShotInput(['n' => '8', 'iso' => '400', 'support' => 'tripod']))->shot(
            Scene::find('bust'),
            CameraSetups::ofDemo(),
            new DateTimeImmutable('2026-05-04 10:00:00+02:00'),
        );
        $rendering = app(Finder::class)->look($shot)->rendering;
        $path = Pictures::path('jpg');
        File::put($path, app(SceneRenderer::class)->picture($rendering, RenderQuality::finder())->jpeg(90));

        return $path;
    }
}
