<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Imaging\Vips\Light;
use App\Models\RollFrame;
use App\Practice\CameraSetups;
use App\Practice\Finder;
use App\Practice\FinderReading;
use App\Practice\RenderQuality;
use App\Practice\Scene;
use App\Practice\SceneRenderer;
use App\Practice\ShotInput;
use DateTimeImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Queue;
use InvalidArgumentException;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\PracticeCamera\RollingShutter;
use TruePupil\Core\Tone\Srgb;

/** Focus that is single, continuous or by hand, what comes nearer, the magnifier, lean, timer and silent shutter. */
final class FinderAsACameraTest extends TestCase
{
    use RefreshDatabase;

    private const HERON = ['mode' => 'shutter', 't' => '1/1000', 'iso' => '400'];

    public function test_what_comes_nearer_is_seen_as_large_as_its_distance_says(): void
    {
        // The same settings, so that only the bird differs: far off on the left, near by on the right.
        $set = ['mode' => 'manual', 'n' => '8', 't' => '1/1000', 'iso' => '400', 'focus' => '16'];
        [$far, $near] = array_map(
            fn (string $moment): Light => $this->light(
                $this->look('heron', [...$set, 'support' => 'tripod', 'moment' => $moment]),
                RenderQuality::finder(),
            ),
            ['0.4', '1.6'],
        );
        $moved = $far->minus($near)->size()->isMoreThan(0.02);
        $width = function (int $left, int $right) use ($moved): int {
            $touched = $moved->cut($left, 0, $right - $left, 280)->touched();
            $this->assertNotNull($touched);

            return $touched['right'] - $touched['left'];
        };
        // 21 m and 12 m away.
        $this->assertEqualsWithDelta(12 / 21, $width(0, 420) / $width(420, 960), 0.05);
    }

    public function test_a_sight_may_be_shown_again_by_whoever_asked_for_it(): void
    {
        $world = World::make();
        $address = route('practice.show', 'pots').'?'.http_build_query(['mode' => 'program', 'iso' => '400']);
        $this->actingAs($world->student)
            ->get($address, ['HX-Request' => 'true'])
            ->assertOk()
            ->assertHeader('Cache-Control', 'max-age=60, private')
            ->assertHeader('Vary', 'HX-Request');
        // The whole page, and a sight that there is not, are asked for anew.
        $this->get($address)->assertHeader('Cache-Control', 'no-store, private');
        $this->get($address.'&n=99&mode=aperture', ['HX-Request' => 'true'])
            ->assertHeader('HX-Retarget', '#finder-problem')
            ->assertHeader('Cache-Control', 'no-store, private');
    }

    public function test_a_framing_that_was_cut_out_before_gives_the_same_picture(): void
    {
        $look = fn (string $n): Light => $this->light(
            $this->look('pots', ['mode' => 'manual', 'n' => $n, 't' => '1/60', 'iso' => '400', 'focal' => '61']),
            RenderQuality::finder(),
        );
        $first = $look('8');
        $again = $look('8');
        $this->assertNull($first->minus($again)->size()->isMoreThan(1e-6)->band(0)->touched());
        $this->assertNotNull($first->minus($look('4'))->size()->isMoreThan(0.02)->band(0)->touched());
    }

    public function test_focus_that_goes_on_follows_what_crosses_and_focus_that_does_not_stays(): void
    {
        $at = fn (string $moment, array $set = []): FinderReading => $this->look('heron', [
            ...self::HERON,
            'moment' => $moment,
            'focusing' => 'continuous',
            ...$set,
        ]);
        // Tracked, the point is on the bird and the distance is its own.
        $this->assertEqualsWithDelta(21.0, $at('0.4', ['tracks' => '1'])->rendering->optics->focused, 0.01);
        $this->assertEqualsWithDelta(15.0, $at('1.2', ['tracks' => '1'])->rendering->optics->focused, 0.01);
        $this->assertGreaterThan(
            $at('0.4', ['tracks' => '1'])->rendering->optics->point['x'] + 0.1,
            $at('1.2', ['tracks' => '1'])->rendering->optics->point['x'],
        );
        // The point alone focuses on what lies behind it; on the bird itself, on the bird.
        $this->assertGreaterThan(40.0, $at('1.2')->rendering->optics->focused);
        $point = $at('1.2', ['tracks' => '1'])->rendering->optics->point;
        $on = ['px' => (string) $point['x'], 'py' => (string) $point['y']];
        $this->assertEqualsWithDelta(15.0, $at('1.2', $on)->rendering->optics->focused, 0.01);
        $this->assertGreaterThan(40.0, $at('0.2', $on)->rendering->optics->focused, 'it has not come there yet');
        // Tracking is a matter of continuous focus.
        $single = $at('1.2', ['tracks' => '1', 'focusing' => 'single']);
        $this->assertSame(['x' => 0.5, 'y' => 0.5], $single->rendering->optics->point);

        Queue::fake();
        $world = World::make();
        $burst = function (array $set) use ($world): array {
            RollFrame::query()->forceDelete();
            $this->actingAs($world->student)
                ->post(route('practice.press', 'heron'), [
                    ...self::HERON,
                    ...$set,
                    'moment' => '0.4',
                    'drive' => 'burst',
                ])
                ->assertOk();

            return RollFrame::query()->orderBy('id')->get()->map(
                fn (RollFrame $frame): float => round((float) $frame->result['focus'], 2),
            )->all();
        };
        $this->assertSame(
            [21.0, 19.75, 18.5, 17.25, 16.0],
            $burst(['focusing' => 'continuous', 'tracks' => '1']),
            'a sixth of a second brings it 1.25 m nearer',
        );
        $this->assertCount(1, array_unique($burst(['focusing' => 'single', 'px' => '0.3', 'py' => '0.3'])));
    }

    public function test_the_magnifier_shows_the_same_light_four_times_as_large(): void
    {
        foreach ([['0.467', '0.388'], ['0.02', '0.97']] as [$x, $y]) {
            $reading = $this->look('bust', [
                'mode' => 'aperture', 'n' => '2', 'iso' => '200', 'px' => $x, 'py' => $y, 'graduated' => '2',
            ]);
            $whole = $this->light($reading, RenderQuality::frame());
            $magnified = app(SceneRenderer::class)
                ->linear($reading->rendering->magnified(4.0), RenderQuality::magnified())
                ->weighed(Srgb::WEIGHTS)
                ->kept();
            $width = intdiv($whole->width, 4);
            $height = intdiv($whole->height, 4);
            $start = fn (float $at, int $size, int $part): int => (int) max(
                0,
                min($size - $part, round($at * $size - $part / 2)),
            );
            $cut = $whole->cut(
                $start((float) $x, $whole->width, $width),
                $start((float) $y, $whole->height, $height),
                $width,
                $height,
            );
            // In a grid of six by four, each the mean of its part: depth of field and graduated filter are the same.
            $means = fn (Light $light): array => $light->kept()->resized(6, 4)->floats();
            foreach (array_map(null, $means($cut), $means($magnified)) as [$expected, $seen]) {
                $this->assertEqualsWithDelta($expected, $seen, 0.06 * $expected + 0.004);
            }
        }
    }

    public function test_a_camera_that_leans_turns_the_picture_about_its_middle(): void
    {
        $set = ['mode' => 'manual', 'n' => '8', 't' => '1/60', 'iso' => '400', 'focus' => '4', 'support' => 'tripod'];
        $level = $this->light($this->look('chart', $set), RenderQuality::finder());
        $leant = $this->light($this->look('chart', [...$set, 'lean' => '4']), RenderQuality::finder());
        // Clockwise the camera, the other way round the picture; the library's own turn, cut to size, is the measure.
        $turned = $level->rotated(-4.0);
        $middle = fn (Light $light): Light => $light
            ->cut(intdiv($light->width, 2) - 240, intdiv($light->height, 2) - 160, 480, 320)
            ->kept();
        $mean = fn (Light $light): float => array_sum($light->floats()) / (480 * 320);
        $off = $mean($middle($leant)->minus($middle($turned))->size());
        $this->assertLessThan(0.25 * $mean($middle($leant)->minus($middle($level))->size()), $off);

        // The point is where it is seen: what lies there is focused on.
        $bust = fn (string $lean): float => $this->look('bust', [
            'mode' => 'aperture', 'n' => '2', 'iso' => '200', 'px' => '0.99', 'py' => '0.3', 'lean' => $lean,
        ])->rendering->optics->focused;
        $this->assertGreaterThan(2.0, $bust('6'));
    }

    public function test_a_silent_shutter_draws_bands_by_lamps_that_pulse_and_refuses_what_it_cannot(): void
    {
        $rows = function (string $time, string $shutter, string $light): array {
            $set = ['mode' => 'manual', 'n' => '4', 't' => $time, 'iso' => '400', 'light' => $light];
            $reading = $this->look('table', [...$set, 'shutter' => $shutter, 'support' => 'tripod']);
            $picture = $this->light($reading, RenderQuality::finder());

            return $picture->resized(1, 640)->floats();
        };
        $bands = function (string $time, string $light = 'lamp') use ($rows): float {
            $share = array_map(
                fn (float $silent, float $mechanical): float => $silent / $mechanical,
                $rows($time, 'silent', $light),
                $rows($time, 'mechanical', $light),
            );

            return max($share) - min($share);
        };
        $depth = Scene::find('table')->condition('lamp')->pulses;
        $expected = RollingShutter::rows(640, $depth, 1 / 1000, 0.0);
        $this->assertEqualsWithDelta(max($expected) - min($expected), $bands('1/1000'), 0.05);
        $this->assertLessThan(0.02, $bands('1/100'), 'a whole pulse is the same for every row');
        $this->assertLessThan(0.02, $bands('1/1000', 'window'), 'daylight does not pulse');

        foreach ([['flash' => '1'], ['mode' => 'bulb', 't' => '60', 'n' => '8', 'iso' => '100']] as $set) {
            try {
                $this->look('bust', ['shutter' => 'silent', ...$set]);
                $this->fail('a silent shutter took '.json_encode($set));
            } catch (InvalidArgumentException $problem) {
                $this->assertMatchesRegularExpression('/flash would light only|Bulb needs/', $problem->getMessage());
            }
        }
        $this->assertTrue($this->look('bust', ['shutter' => 'silent'])->rendering->motion->isSilent);
    }

    public function test_what_crosses_leans_when_it_is_read_row_by_row(): void
    {
        $set = ['mode' => 'manual', 'n' => '8', 't' => '1/4000', 'iso' => '800', 'focus' => '8'];
        $light = fn (array $more): Light => $this->light(
            $this->look('tricycle', [...$set, 'support' => 'tripod', ...$more]),
            RenderQuality::frame(),
        );
        $lane = $light(['moment' => '90']);
        $silent = $light(['moment' => '1.4', 'shutter' => 'silent']);
        $mechanical = $light(['moment' => '1.4']);
        // Where it differs from the empty lane is the tricycle; the middle of that, in a few rows.
        $middle = function (Light $with, float $row) use ($lane): float {
            $top = (int) ($row * $with->height);
            $part = fn (Light $one): Light => $one->cut(0, $top, $one->width, 8);
            $amounts = $part($with)->minus($part($lane))->size()->floats();
            $sum = 0.0;
            foreach ($amounts as $at => $amount) {
                $sum += $amount * ($at % $with->width);
            }

            return $sum / array_sum($amounts);
        };
        $crossing = Scene::find('tricycle')->motion->crossing;
        $this->assertNotNull($crossing);
        $perSecond = $crossing->across(Scene::find('tricycle')->view, 1.4) * 1800;
        foreach ([0.4, 0.5, 0.66] as $row) {
            $this->assertEqualsWithDelta(
                RollingShutter::lean($perSecond, $row),
                $middle($silent, $row) - $middle($mechanical, $row),
                0.8,
                'at '.$row,
            );
        }
    }

    public function test_the_self_timer_opens_the_shutter_later_with_the_light_of_the_press(): void
    {
        Queue::fake();
        $this->travelTo('2026-05-04 10:00:00');
        $world = World::make();
        $press = fn (array $more) => $this->actingAs($world->student)
            ->post(route('practice.press', 'heron'), [...self::HERON, 'moment' => '0.2', ...$more])
            ->assertOk();
        $press(['timer' => '2', 'focusing' => 'single']);
        $press(['timer' => '2', 'runs' => '1']);
        $press(['timer' => 'soon']);
        $frames = RollFrame::query()->orderBy('id')->get();
        $this->assertEqualsWithDelta(
            [2.2, 0.2, 0.2],
            $frames->map(fn (RollFrame $one): float => (float) $one->settings['moment'])->all(),
            1e-9,
        );
        $this->assertSame('10:00:02', $frames[0]->taken_at->format('H:i:s'));
    }

    /** @param  array<string, string>  $set */
    private function look(string $scene, array $set): FinderReading
    {
        return app(Finder::class)->look(
            (new ShotInput($set))->shot(
                Scene::find($scene),
                CameraSetups::ofDemo(),
                new DateTimeImmutable('2026-05-04 10:00:00'),
            ),
        );
    }

    private function light(FinderReading $reading, RenderQuality $fineness): Light
    {
        return app(SceneRenderer::class)->linear($reading->rendering, $fineness)->weighed(Srgb::WEIGHTS)->kept();
    }
}
