<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\WhatIf;
use App\WhatIf\WhatIfInput;
use App\WhatIf\WhatIfRenderer;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Tone\Srgb;
use TruePupil\Core\WhatIf\InvalidRecipe;
use TruePupil\Core\WhatIf\Recipe;
use TruePupil\Core\WhatIf\Step;
use TruePupil\Core\WhatIf\StepKind;

/** What-ifs: followed on a copy, as the numbers say, and kept with the critique. */
final class WhatIfTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_stop_more_doubles_linear_light(): void
    {
        $image = $this->render(Pictures::jpeg(patch: 118, ground: 60), [Step::of(StepKind::Exposure, ['stops' => 1])]);
        foreach ([[300, 200, 118], [50, 50, 60]] as [$x, $y, $code]) {
            $this->assertEqualsWithDelta(
                2 * Srgb::linear($code / 255),
                Srgb::linear($this->grey($image, $x, $y) / 255),
                0.015 * 2 * Srgb::linear($code / 255) + 0.004,
            );
        }
    }

    public function test_lifted_shadows_leave_what_is_bright_and_held_highlights_what_is_dark(): void
    {
        $path = Pictures::jpeg(patch: 200, ground: 40);
        $lifted = $this->render($path, [Step::of(StepKind::Shadows, ['stops' => 1])]);
        $this->assertEqualsWithDelta(200, $this->grey($lifted, 300, 200), 2);
        $this->assertGreaterThan(48, $this->grey($lifted, 50, 50));
        $held = $this->render($path, [Step::of(StepKind::Highlights, ['stops' => -1])]);
        $this->assertEqualsWithDelta(40, $this->grey($held, 50, 50), 2);
        $this->assertLessThan(190, $this->grey($held, 300, 200));
    }

    public function test_one_colour_is_calmed_kept_or_shifted_and_the_others_stay(): void
    {
        $path = Pictures::drawn(function (\GdImage $image): void {
            imagefill($image, 0, 0, (int) imagecolorallocate($image, 128, 128, 128));
            imagefilledrectangle($image, 0, 0, 599, 1199, (int) imagecolorallocate($image, 200, 60, 50));
            imagefilledrectangle($image, 1200, 0, 1799, 1199, (int) imagecolorallocate($image, 60, 90, 200));
        });
        $spread = function (\GdImage $image, int $x): int {
            $rgb = imagecolorat($image, $x, 400);
            $parts = [($rgb >> 16) & 255, ($rgb >> 8) & 255, $rgb & 255];

            return max($parts) - min($parts);
        };
        [$red, $blue] = [100, 1100];
        // Red lies near 40° in CIE LCh, blue near 290°.
        $calmed = $this->render($path, [Step::of(StepKind::Calm, ['hue' => 38, 'width' => 60, 'amount' => 1.0])]);
        $this->assertLessThan(25, $spread($calmed, $red));
        $this->assertGreaterThan(110, $spread($calmed, $blue));
        $kept = $this->render($path, [Step::of(StepKind::Keep, ['hue' => 38, 'width' => 60])]);
        $this->assertGreaterThan(110, $spread($kept, $red));
        $this->assertLessThan(20, $spread($kept, $blue));
        $shifted = $this->render($path, [Step::of(StepKind::Shift, ['hue' => 38, 'width' => 60, 'degrees' => 60])]);
        $this->assertGreaterThan(
            ((imagecolorat($kept, $red, 400) >> 8) & 255) + 20,
            (imagecolorat($shifted, $red, 400) >> 8) & 255,
            'red turned towards yellow has more green',
        );
        $grey = $this->render($path, [Step::of(StepKind::Grey, ['red' => 1.0, 'green' => 0.0, 'blue' => 0.0])]);
        $this->assertSame(0, $spread($grey, $red));
        $this->assertEqualsWithDelta(200, $this->grey($grey, $red, 400), 3);
    }

    public function test_light_in_places_and_cutting(): void
    {
        $path = Pictures::jpeg(patch: 118, ground: 118);
        $region = $this->render($path, [
            Step::of(StepKind::Darken, [
                'x' => 0.0,
                'y' => 0.0,
                'width' => 0.3,
                'height' => 1.0,
                'stops' => -2.0,
                'feather' => 0.05,
            ]),
        ]);
        $this->assertLessThan(70, $this->grey($region, 60, 200));
        $this->assertEqualsWithDelta(118, $this->grey($region, 400, 200), 2);
        $edge = $this->render($path, [Step::of(StepKind::Graduated, ['from' => 0.2, 'to' => 0.6, 'stops' => -1.0])]);
        $this->assertLessThan($this->grey($edge, 300, 160), $this->grey($edge, 300, 30));
        $this->assertEqualsWithDelta(118, $this->grey($edge, 300, 380), 2);
        $cut = $this->render($path, [
            Step::of(StepKind::Crop, ['x' => 0.1, 'y' => 0.25, 'width' => 0.5, 'height' => 0.5]),
        ]);
        $this->assertSame([300, 200], [imagesx($cut), imagesy($cut)]);
        $turned = $this->render($path, [Step::of(StepKind::Straighten, ['degrees' => 5.0])]);
        $this->assertEqualsWithDelta(600 * Recipe::leftAfterTurning(5, 1.5), imagesx($turned), 2);
        foreach ([[2, 2], [imagesx($turned) - 3, 2], [2, imagesy($turned) - 3]] as [$x, $y]) {
            $this->assertGreaterThan(100, $this->grey($turned, $x, $y), 'no black corner is left');
        }
    }

    public function test_sliders_at_rest_and_places_that_were_not_drawn_ask_for_nothing(): void
    {
        $rest = [
            'exposure' => ['stops' => '0'],
            'shadows' => ['stops' => '0.0'],
            'highlights' => ['stops' => '0'],
            'straighten' => ['degrees' => '0'],
            'darken' => ['x' => '', 'y' => '', 'width' => '', 'height' => '', 'stops' => '-1', 'feather' => '8'],
            'graduated' => ['from' => '', 'to' => '', 'stops' => '-1'],
            'grey' => ['red' => '0.3', 'green' => '0.6', 'blue' => '0.1'],
        ];
        $kinds = fn (array $form): array => array_map(
            fn (Step $step): string => $step->kind->value,
            WhatIfInput::recipe([...$rest, ...$form])->steps,
        );
        $this->assertSame([], $kinds([]));
        $this->assertSame(['exposure'], $kinds(['exposure' => ['stops' => '0.3333']]));
        $this->assertSame(['straighten'], $kinds(['straighten' => ['degrees' => '-0.1']]));
        $this->assertSame(['darken'], $kinds([
            'darken' => [...$rest['darken'], 'x' => '10', 'y' => '10', 'width' => '20', 'height' => '20'],
        ]));
        $this->assertSame(['grey'], $kinds(['grey' => [...$rest['grey'], 'on' => '1']]));
        // What was typed and is no number is still said.
        $this->expectException(InvalidRecipe::class);
        $kinds(['exposure' => ['stops' => 'much']]);
    }

    public function test_a_what_if_is_tried_kept_shown_with_the_return_and_the_original_stays(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $frame = $attempt->frames->first();
        $before = $this->actingAs($world->instructor)->get(route('frames.picture', $frame))->getFile()->getContent();
        $this->get(route('what-ifs.preview', $frame).'?'.http_build_query(['exposure' => ['stops' => '+1']]))
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg');
        $this->get(route('what-ifs.preview', $frame).'?'.http_build_query(['exposure' => ['stops' => 'more']]))
            ->assertStatus(422)
            ->assertMarkup('"stops" of "exposure"');
        $this->post(route('what-ifs.store', $frame), [])->assertStatus(422);
        $this->post(route('what-ifs.store', $frame), [
            'exposure' => ['stops' => '0,67'],
            'crop' => ['x' => '10', 'y' => '10', 'width' => '80', 'height' => '80'],
            'title' => '',
        ])->assertRedirect();
        $whatIf = WhatIf::query()->sole();
        $this->assertSame('Brighter or darker, cropped', $whatIf->title);
        $this->assertSame($before, $this->get(route('frames.picture', $frame))->getFile()->getContent());

        // The student sees it with the return, not before; others never.
        $this->actingAs($world->student)->get(route('what-ifs.show', $whatIf))->assertForbidden();
        $this->actingAs($world->student)->get(route('what-ifs.preview', $frame))->assertForbidden();
        $this->actingAs($world->critic)->get(route('what-ifs.show', $whatIf))->assertOk();
        $this->delete(route('what-ifs.destroy', $whatIf))->assertForbidden();
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt));
        $this->actingAs($world->student)->get(route('what-ifs.show', $whatIf))->assertOk();
        $this->get(route('attempts.return', $attempt))
            ->assertSee('left as taken, right otherwise')
            ->assertNoMarkup('data-wipe');
        // What keeps the frame's shape lies over it, parted by a slider.
        $whatIf->update(['recipe' => Recipe::of([Step::of(StepKind::Exposure, ['stops' => 1])])->toArray()]);
        $this->get(route('attempts.return', $attempt))->assertMarkup('data-wipe')->assertDontSee('left as taken');
        $this->actingAs($world->neighbour)->get(route('what-ifs.show', $whatIf))->assertForbidden();
        $this->actingAs($world->instructor)->delete(route('what-ifs.destroy', $whatIf))->assertForbidden();
        $this->post(route('what-ifs.store', $frame), ['exposure' => ['stops' => '1']])->assertStatus(409);
    }

    /** @param  list<Step>  $steps */
    private function render(string $path, array $steps): \GdImage
    {
        return imagecreatefromstring(app(WhatIfRenderer::class)->jpeg($path, Recipe::of($steps))) ?:
            $this->fail('No picture came back.');
    }

    private function grey(\GdImage $image, int $x, int $y): int
    {
        return (imagecolorat($image, $x, $y) >> 8) & 255;
    }
}
