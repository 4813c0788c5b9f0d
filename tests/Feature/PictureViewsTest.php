<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\HandIn\PictureStore;
use App\Models\AttemptState;
use App\Models\Decision;
use App\Models\Frame;
use App\View\Presenters\FrameView;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Stored\FindingCodec;
use TruePupil\Core\Stored\MeasuresCodec;

/** What is laid over a picture at the desk, spot readings, and measuring again. */
final class PictureViewsTest extends TestCase
{
    use RefreshDatabase;

    public function test_every_view_has_its_drawing_and_its_numbers_in_words(): void
    {
        $world = World::make();
        $attempt = $world->handedIn(Pictures::jpeg(patch: 255, ground: 60));
        $overlays = FrameView::of($attempt->frames->first())->overlays();
        $page = $this->actingAs($world->instructor)->get(route('desk.show', $attempt))->assertOk();

        foreach ($overlays?->views() ?? [] as $name => $view) {
            $page
                ->assertSee('data-view="'.$name.'"', escape: false)
                ->assertSee('data-words="'.$name.'"', escape: false)
                ->assertSee($view['label']);
            $this->assertMatchesRegularExpression('/\d|No |Nothing|Too little/', $view['text'], $name);
        }
        $this->assertGreaterThanOrEqual(5, count($overlays?->views() ?? []));
    }

    public function test_the_lost_patch_is_drawn_where_it_lies(): void
    {
        $frame = World::make()->handedIn(Pictures::jpeg(patch: 255, ground: 60))->frames->first();
        $overlays = FrameView::of($frame)->overlays();
        preg_match_all('/M([\d.]+),([\d.]+)h([\d.]+)/', $overlays?->ends()['lost'] ?? '', $rows, PREG_SET_ORDER);

        // The patch lies at 0.4 to 0.6 across and 0.3 to 0.7 down; the drawing is 1000 wide and 667 high.
        $this->assertEqualsWithDelta(400, min(array_column($rows, 1)), 8);
        $this->assertEqualsWithDelta(200, max(array_map(floatval(...), array_column($rows, 3))), 12);
        $this->assertEqualsWithDelta(0.3 * 666.7, min(array_map(floatval(...), array_column($rows, 2))), 8);
        $this->assertSame('', $overlays?->ends()['blocked']);
        $this->assertEqualsWithDelta(8.0, $frame->measures?->ends?->largestLostPct, 0.3);
    }

    public function test_a_spot_says_where_its_tone_was_placed_and_who_may_ask(): void
    {
        $world = World::make();
        $frame = $world->handedIn(Pictures::jpeg(patch: 180, ground: 118))->frames->first();

        // 180 lies 1.34 stops above mid-grey; the ground on it.
        $this->actingAs($world->instructor)
            ->get(route('frames.spot', ['frame' => $frame, 'x' => 50, 'y' => 50]))
            ->assertOk()
            ->assertSee('+1⅓')
            ->assertSee('zone VI')
            ->assertSee('wants −1⅓');
        $this->get(route('frames.spot', ['frame' => $frame, 'x' => 10, 'y' => 10]))
            ->assertSee('zone V,')
            ->assertSee('for −2 −2');
        $this->get(route('frames.spot', ['frame' => $frame, 'x' => 140, 'y' => 10]), [
            'Accept' => 'application/json',
        ])->assertStatus(422);
        $this->actingAs($world->neighbour)
            ->get(route('frames.spot', ['frame' => $frame, 'x' => 50, 'y' => 50]))
            ->assertForbidden();
    }

    public function test_a_second_spot_tells_the_range_between_both(): void
    {
        $world = World::make();
        $frame = $world->handedIn(Pictures::jpeg(patch: 180, ground: 118))->frames->first();
        $this->actingAs($world->instructor);
        $ground = ['fromX' => 10, 'fromY' => 10];
        $read = fn (array $place): TestResponse => $this->get(
            route('frames.spot', ['frame' => $frame, 'x' => 50, 'y' => 50, ...$place]),
        );

        $read([])->assertDontSee('the place before');
        $read($ground)->assertSee('It is 1⅓ stops brighter than the place before.')->assertDontSee('holds');
        $read(['x' => 12, 'y' => 12, ...$ground])->assertSee('as bright as the place before');
        $this->get(route('frames.spot', ['frame' => $frame, 'x' => 10, 'y' => 10, 'fromX' => 50, 'fromY' => 50]))
            ->assertSee('darker than the place before');
        $this->get(route('frames.spot', ['frame' => $frame, 'x' => 50, 'y' => 50, 'fromX' => 50]), [
            'Accept' => 'application/json',
        ])->assertStatus(422);
    }

    public function test_a_wide_range_is_held_against_what_a_frame_holds(): void
    {
        $world = World::make();
        $frame = $world->handedIn(Pictures::jpeg(patch: 180, ground: 8))->frames->first();
        $this->actingAs($world->instructor)
            ->get(route('frames.spot', ['frame' => $frame, 'x' => 50, 'y' => 50, 'fromX' => 10, 'fromY' => 10]))
            ->assertSee('One frame at base ISO holds about')
            ->assertSee('One frame holds it');
    }

    public function test_what_is_lost_tells_no_range(): void
    {
        $world = World::make();
        $frame = $world->handedIn(Pictures::jpeg(patch: 255, ground: 118))->frames->first();
        $this->actingAs($world->instructor)
            ->get(route('frames.spot', ['frame' => $frame, 'x' => 50, 'y' => 50, 'fromX' => 10, 'fromY' => 10]))
            ->assertSee('lost or blocked here')
            ->assertDontSee('holds about');
    }

    public function test_older_frames_are_measured_again_and_keep_what_people_decided(): void
    {
        $world = World::make();
        $frame = $world->handedIn(Pictures::jpeg(patch: 118))->frames->first();
        $finding = $frame->findings->first();
        $finding->update(['decision' => Decision::Reworded, 'wording' => 'In my own words.']);
        $frame->notes()->create([
            'author_id' => $world->instructor->id,
            'kind' => 'keep',
            'body' => 'Good light.',
            'token' => (string) Str::uuid(),
        ]);
        $frame->update([
            'rules_version' => 1,
            'measures' => $this->without($frame, ['focus', 'composition', 'colour']),
        ]);

        $this->assertNull(
            FrameView::of($frame->fresh())->overlays(),
            'what older rules measured is shown as far as it goes',
        );
        $this->artisan('pupil:remeasure')->assertSuccessful();
        $again = $frame->fresh();
        $this->assertSame((int) config('pupil.rules_version'), $again->rules_version);
        $this->assertNotNull($again->measures->composition);
        $this->assertSame(
            [Decision::Reworded, 'In my own words.'],
            [$finding->fresh()->decision, $finding->fresh()->wording],
        );
        $this->assertSame(1, $again->notes()->count());
        // Nothing is left to do. What was read of a file serves without it; where that has gone too, it is told.
        File::delete(app(PictureStore::class)->original($frame->picture));
        $this->artisan('pupil:remeasure')->assertSuccessful();
        $this->artisan('pupil:remeasure --all')->assertSuccessful();
        app(PictureStore::class)->forgetReading($frame->picture);
        $this->artisan('pupil:remeasure --all')->expectsOutputToContain('keeps its old measures')->assertFailed();
        $this->assertNotNull($frame->fresh()->measures->composition);
    }

    public function test_what_was_returned_is_measured_again_but_says_what_it_said(): void
    {
        $world = World::make();
        $attempt = $world->handedIn(Pictures::jpeg(patch: 118));
        $frame = $attempt->frames->first();
        $attempt->update(['state' => AttemptState::Returned, 'returned_at' => now()]);
        // As older rules had it: one finding fewer, one put otherwise, another suggestion chosen.
        $frame->findings()->orderByDesc('id')->first()->delete();
        $kept = $frame->findings()->first();
        $kept->update([
            'body' => (new FindingCodec())->decode(['sentence' => 'As it was said.'] + $kept->body->toArray()),
        ]);
        $frame->update([
            'rules_version' => 1,
            'suggestions' => [],
            'measures' => $this->without($frame, ['composition']),
        ]);
        $said = $frame->findings()->pluck('body', 'id')->all();

        $this->artisan('pupil:remeasure')->assertSuccessful();

        $this->assertEquals($said, $frame->findings()->where('current', true)->pluck('body', 'id')->all());
        $this->assertSame([], $frame->fresh()->suggestions);
        $this->assertNotNull($frame->fresh()->measures->composition);
    }

    public function test_marks_are_kept_measured_and_drawn(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $this->actingAs($world->student)
            ->put(
                route('frames.update', $frame),
                World::form([
                    'marks' => [
                        ['kind' => 'horizon', 'points' => '10,50 90,52'],
                        ['kind' => 'area', 'points' => '0,0 50,0 0,50'],
                        ['kind' => 'eye', 'points' => '50,40'],
                        ['kind' => 'lead', 'points' => ''],
                    ],
                ]),
            )
            ->assertSessionHasNoErrors();
        $frame->refresh();

        $this->assertSame(
            ['horizon', 'area', 'eye'],
            array_map(fn (Mark $mark): string => $mark->kind->value, $frame->marks),
            'a row without numbers was taken back',
        );
        $this->assertEqualsWithDelta(12.5, $frame->measures->claims->marks->shares[0]['sharePct'], 0.01);
        // 2 % of the height over 80 % of the width, in a picture of 3 by 2.
        $this->assertEqualsWithDelta(
            rad2deg(atan(0.02 / (0.8 * 1.5))),
            $frame->measures->composition->lean->tiltDeg,
            0.01,
        );
        $this->get(route('frames.edit', $frame))->assertSee('10,50 90,52');
        $this->post(route('attempts.hand-in', $frame->attempt));
        $this->actingAs($world->instructor)
            ->get(route('desk.show', $frame->attempt))
            ->assertSee('data-view="marks"', escape: false)
            ->assertSee('Area 12.5 % of the frame', escape: false);
    }

    public function test_a_mark_that_cannot_be_is_told_and_kept(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $this->actingAs($world->student)
            ->from(route('frames.edit', $frame))
            ->put(
                route('frames.update', $frame),
                World::form(['marks' => [['kind' => 'horizon', 'points' => 'left,right']]]),
            )
            ->assertSessionHasErrors('marks');
        $this->get(route('frames.edit', $frame))->assertSee('is no place on the picture')->assertSee('left,right');
    }

    /**
     * The measures of a frame as older rules had them, before there were all parts.
     *
     * @param  list<string>  $parts
     */
    private function without(Frame $frame, array $parts): FrameMeasures
    {
        return (new MeasuresCodec())->decode(array_diff_key($frame->measures->toArray(), array_flip($parts)));
    }
}
