<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\DevelopRollFrame;
use App\Models\DrillAnswer;
use App\Models\DrillReturn;
use App\Models\Frame;
use App\Models\RollFrame;
use App\Models\RollState;
use App\Practice\Drills;
use App\Practice\Roll;
use App\Practice\RollPictures;
use App\Retention\Cleaning;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Capture\Provenance;
use TruePupil\Core\Capture\RecordReader;
use TruePupil\Core\Drill\DrillKind;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Metering\MeteringPattern;

#[Group('long')]
final class PracticeTest extends TestCase
{
    use RefreshDatabase;

    private const SET = [
        'mode' => 'manual',
        'n' => '8',
        't' => '1/60',
        'iso' => '100',
        'support' => 'tripod',
        'metering' => 'spot',
        'focus' => '4',
    ];

    public function test_raw_files_are_written_as_the_quality_says(): void
    {
        $world = World::make();
        $this->actingAs($world->student);
        foreach (['raw', 'both'] as $quality) {
            $this->post(route('practice.press', 'pots'), [...self::SET, 'quality' => $quality])->assertOk();
        }
        [$raw, $both] = RollFrame::query()->orderBy('id')->get()->all();
        $this->assertSame(RollState::Ready, $raw->state, (string) $raw->problem);
        $this->get(route('roll.download', [$raw, 'file' => 'raw']))
            ->assertOk()
            ->assertHeader('Content-Type', 'image/x-adobe-dng')
            ->assertDownload($raw->fileName());
        $this->assertStringEndsWith('.dng', $raw->fileName());
        $this->assertStringEndsWith('.dng', $both->fileName());
        $this->get(route('roll'))->assertSee('raw file')->assertSee($both->nameOf(false));
        $pictures = app(RollPictures::class);
        $this->assertSame([$raw->fileName()], array_keys($pictures->written($raw)));
        $this->assertSame([$both->nameOf(false), $both->fileName()], array_keys($pictures->written($both)));

        // Handed in, it is judged as a raw file, and known from the practice camera.
        $setBrief = $world->setBrief;
        $this->post(route('roll.hand-in', $both), ['brief' => $setBrief->id])->assertRedirect();
        $frame = Frame::query()->sole();
        $this->assertSame($both->fileName(), $frame->original_name);
        $this->assertSame('DNG', $frame->tags['FileType'] ?? null);
        $this->assertNotNull($frame->picture->practiceShot);

        $this->post(route('practice.press', 'pots'), [...self::SET, 'quality' => 'fine'])
            ->assertSee('The quality is jpeg, raw or both');
        $this->post(route('practice.press', 'pots'), self::SET)->assertOk();
        $this->get(route('roll.download', [RollFrame::query()->latest('id')->first(), 'file' => 'raw']))
            ->assertNotFound();
        $path = $pictures->path($raw, true);
        $pictures->forget($raw);
        $this->assertFileDoesNotExist($path);
    }

    public function test_the_finder_shows_what_the_mode_leaves_and_what_the_camera_adds(): void
    {
        $world = World::make();
        $page = $this->actingAs($world->student)
            ->get(
                route('practice.show', [
                    'scene' => 'pots',
                    'mode' => 'shutter',
                    't' => '1/250',
                    'iso' => '400',
                    'compensation' => '1',
                ]),
            )
            ->assertOk();
        $page
            ->assertSee('the camera’s choice')
            ->assertSee('1/250 s')
            ->assertSee('Depth ruler')
            ->assertMarkup('data:image/jpeg;base64,');
        $this->assertMatchesRegularExpression(
            '~id="dial-n"[^>]*\shidden~',
            $page->content(),
            'the aperture is not the person\'s to set',
        );

        // Only the sight is sent when the dials move.
        $reading = $this->actingAs($world->student)
            ->get(route('practice.show', ['scene' => 'pots', 'mode' => 'aperture', 'n' => '4']), [
                'HX-Request' => 'true',
            ])
            ->assertOk();
        $this->assertStringNotContainsString('<html', $reading->content());
        $reading->assertMarkup('data-ev');
    }

    public function test_a_kit_without_a_lens_for_the_scene_is_lent_one(): void
    {
        Queue::fake();
        $world = World::make();
        $world->student->update([
            'kit' => [
                'body' => ['name' => 'Long one', 'format' => '36x24'],
                'lenses' => [['name' => 'Very long', 'minFocal' => 400, 'widestAtMin' => 5.6]],
                'supports' => ['hand'],
            ],
        ]);
        $this->actingAs($world->student)
            ->get(route('practice.show', 'arcade'))
            ->assertOk()
            ->assertSee('lends you one')
            ->assertMarkup('data-sight');
        $this->actingAs($world->student)
            ->post(route('practice.press', 'arcade'), self::SET)
            ->assertOk()
            ->assertSee('One frame taken.');
        // Where nothing was seen yet, nothing is said of what was seen last.
        $this->actingAs($world->student)
            ->get(route('practice.show', ['scene' => 'arcade', 'focal' => '300']))
            ->assertOk()
            ->assertDontSee('saw last')
            ->assertSee('300');
    }

    public function test_each_pattern_says_its_own(): void
    {
        $world = World::make();
        $this->actingAs($world->student)
            ->get(route('practice.patterns', ['scene' => 'kiln', ...self::SET]))
            ->assertOk()
            ->assertSee('whole scene')
            ->assertSee('spot')
            ->assertSee('highlight-weighted');
        $this->actingAs($world->student)
            ->get(route('practice.patterns', ['scene' => 'kiln', 't' => 'soon', 'mode' => 'shutter']))
            ->assertOk()
            ->assertSee('soon');
    }

    public function test_light_that_the_lens_cannot_meet_blinks_and_says_why(): void
    {
        $world = World::make();
        $this->actingAs($world->student)
            ->get(route('practice.show', ['scene' => 'pots', 'mode' => 'shutter', 't' => '1/8000', 'iso' => '100']))
            ->assertOk()
            ->assertMarkup('reading-blinks')
            ->assertSee('ƒ/1.8');
    }

    public function test_what_cannot_be_set_is_told_and_the_last_sight_stays(): void
    {
        $world = World::make();
        $this->actingAs($world->student)
            ->get(
                route('practice.show', [
                    'scene' => 'pots',
                    'mode' => 'manual',
                    't' => '30',
                    'n' => '8',
                    'iso' => '100',
                ]),
                ['HX-Request' => 'true'],
            )
            ->assertOk()
            ->assertSee('30 s')
            ->assertHeaderMissing('HX-Retarget');
        foreach (
            [
                ['n' => '0.95', 'mode' => 'aperture'],
                ['t' => '60', 'mode' => 'shutter'],
                ['lens' => 'No such lens'],
                ['mode' => 'manual', 'iso' => 'auto', 'n' => '8', 't' => '1/60'],
                ['t' => 'soon', 'mode' => 'shutter'],
                ['focal' => '300'],
                ['kelvin' => '90'],
                ['light' => 'moonshine'],
            ] as $wrong
        ) {
            $this->actingAs($world->student)
                ->get(route('practice.show', ['scene' => 'pots', ...$wrong]), ['HX-Request' => 'true'])
                ->assertOk()
                ->assertHeader('HX-Retarget', '#finder-problem')
                ->assertSee('still shows what you saw last');
        }
        $this->actingAs($world->student)->get(route('practice.show', 'no-such-scene'))->assertNotFound();
        $this->actingAs($world->student)->get('/practice/..%2Fpots')->assertNotFound();
    }

    public function test_a_press_puts_a_frame_on_the_roll_whose_record_is_what_was_set(): void
    {
        $world = World::make();
        $this->actingAs($world->student)
            ->post(route('practice.press', 'chart'), [...self::SET, 'focal' => '50', 'kelvin' => '5500'])
            ->assertOk()
            ->assertSee('One frame taken.');
        $frame = RollFrame::query()->sole();
        $this->assertSame(RollState::Ready, $frame->state);

        $record = app(RecordReader::class)->read(app(RollPictures::class)->path($frame))->capture;
        $this->assertSame('ƒ/8, 1/60 s, ISO 100', (string) $record->settings());
        $this->assertSame(
            [ExposureMode::Manual, MeteringPattern::Spot, false, 'Marlpit 50 mm 1:1.8', 'Marlpit One'],
            [
                $record->exposure->mode,
                $record->exposure->metering,
                $record->exposure->flashFired,
                $record->lens->name,
                $record->camera->model,
            ],
        );
        $this->assertEqualsWithDelta(
            [50.0, 50.0, 4.0, 0.0],
            [
                $record->lens->focalLength,
                $record->lens->focalLength35,
                $record->handling->focusDistance,
                $record->exposure->compensation,
            ],
            0.01,
        );
        $this->assertSame('set', $record->handling->whiteBalance);
        $this->assertSame($frame->taken_at->format('Y-m-d H:i:s'), $record->takenAt?->format('Y-m-d H:i:s'));

        $download = $this->actingAs($world->student)->get(route('roll.download', $frame))->assertOk();
        $this->assertStringContainsString('Chart_', (string) $download->headers->get('Content-Disposition'));
    }

    public function test_a_burst_follows_the_subject_and_a_bracket_meters_once(): void
    {
        Queue::fake();
        $world = World::make();
        $this->actingAs($world->student)
            ->post(route('practice.press', 'tricycle'), [
                'mode' => 'shutter',
                't' => '1/250',
                'iso' => '100',
                'moment' => '0.5',
                'drive' => 'burst',
            ])
            ->assertOk()
            ->assertSee('5 frames taken.');
        $moments = RollFrame::query()
            ->orderBy('id')
            ->get()
            ->map(fn (RollFrame $frame): float => (float) $frame->settings['moment'])
            ->all();
        $this->assertEqualsWithDelta([0.5, 0.5 + 1 / 6, 0.5 + 2 / 6, 0.5 + 3 / 6, 0.5 + 4 / 6], $moments, 0.001);
        RollFrame::query()->delete();

        $this->actingAs($world->student)
            ->post(route('practice.press', 'pots'), [
                'mode' => 'aperture',
                'n' => '8',
                'iso' => '100',
                'drive' => 'bracket-3',
                'step' => '2',
                'compensation' => '0.3333',
            ])
            ->assertOk();
        $frames = RollFrame::query()->orderBy('id')->get();
        $this->assertSame(
            [8.0, 8.0, 8.0],
            $frames->map(fn (RollFrame $frame): float => round($frame->result['n'] ?? 0))->all(),
        );
        $evs = $frames->map(fn (RollFrame $frame): float => $frame->exposure()?->ev100()->value ?? NAN)->all();
        $this->assertEqualsWithDelta([2.0, -2.0], [$evs[1] - $evs[0], $evs[2] - $evs[0]], 0.01);
        RollFrame::query()->delete();

        // In manual the time moves, and aperture and ISO stay.
        $this->actingAs($world->student)
            ->post(route('practice.press', 'pots'), [...self::SET, 'drive' => 'bracket-5', 'step' => '1'])
            ->assertOk();
        $times = RollFrame::query()
            ->orderBy('id')
            ->get()
            ->map(fn (RollFrame $frame): float => $frame->result['t'] ?? 0)
            ->all();
        $this->assertEqualsWithDelta(
            [1.0, 0.25, 0.5, 2.0, 4.0],
            array_map(fn (float $time): float => $time / $times[0], $times),
            0.01,
        );
        RollFrame::query()->delete();
        $this->actingAs($world->student)
            ->post(route('practice.press', 'pots'), ['mode' => 'auto', 'drive' => 'bracket-3'])
            ->assertOk()
            ->assertSee('nothing was taken');
        $this->assertSame(0, RollFrame::query()->count());
    }

    public function test_a_held_exposure_stays_when_the_light_in_the_frame_changes(): void
    {
        Queue::fake();
        $world = World::make();
        foreach (['0.1', '0.9'] as $aim) {
            foreach ([[], ['held' => '13']] as $held) {
                $this->actingAs($world->student)
                    ->post(route('practice.press', 'tricycle'), [
                        'mode' => 'aperture',
                        'n' => '8',
                        'iso' => '100',
                        'focal' => '85',
                        'x' => $aim,
                        ...$held,
                    ])
                    ->assertOk();
            }
        }
        [$shade, $heldShade, $sun, $heldSun] = RollFrame::query()
            ->orderBy('id')
            ->get()
            ->map(fn (RollFrame $frame): float => $frame->result['t'] ?? NAN)
            ->all();
        $this->assertGreaterThan(4 * $sun, $shade);
        $this->assertSame($heldShade, $heldSun);
    }

    public function test_a_roll_is_nobody_else_s(): void
    {
        Queue::fake();
        $world = World::make();
        $this->actingAs($world->student)->post(route('practice.press', 'chart'), self::SET)->assertOk();
        $frame = RollFrame::query()->sole();
        foreach (['neighbour', 'instructor', 'critic', 'outsider'] as $person) {
            $this->actingAs($world->$person)->get(route('roll.picture', $frame))->assertForbidden();
            $this->actingAs($world->$person)->get(route('roll.download', $frame))->assertForbidden();
            $this->actingAs($world->$person)->delete(route('roll.destroy', $frame))->assertForbidden();
            $this->actingAs($world->$person)
                ->post(route('roll.hand-in', $frame), ['brief' => $world->setBrief->id])
                ->assertForbidden();
            $this->actingAs($world->$person)
                ->get(route('roll'))
                ->assertOk()
                ->assertDontSee('remove-'.$frame->id);
            $this->actingAs($world->$person)
                ->get(route('roll.compare', ['frame' => [$frame->id, $frame->id]]))
                ->assertRedirect(route('practice'));
        }
    }

    public function test_a_frame_from_the_roll_is_handed_in_like_any_other(): void
    {
        $world = World::make();
        $this->actingAs($world->student)
            ->post(route('practice.press', 'pots'), [
                'mode' => 'aperture',
                'n' => '5.6',
                'iso' => '400',
                'compensation' => '1',
            ])
            ->assertOk();
        $frame = RollFrame::query()->sole();
        $this->actingAs($world->student)
            ->post(route('roll.hand-in', $frame), ['brief' => $world->setBrief->id])
            ->assertRedirect();
        $handedIn = $world->setBrief->attempts()->sole()->frames()->sole();
        $this->assertSame($frame->fileName(), $handedIn->original_name);
        $this->assertSame(Support::Hand, $handedIn->record()?->support, 'the practice camera knows what held it');
        $this->assertSame(Provenance::PracticeCamera, $handedIn->record()->sourceOf('support'), 'nobody typed it in');
        $this->assertFileExists(app(RollPictures::class)->path($frame));
        $this->actingAs($world->outsider)->post(route('practice.press', 'pots'), self::SET);
        $other = RollFrame::query()->where('user_id', $world->outsider->id)->sole();
        $this->actingAs($world->outsider)
            ->post(route('roll.hand-in', $other), ['brief' => $world->setBrief->id])
            ->assertForbidden();
    }

    public function test_two_frames_lie_side_by_side_with_the_lines_that_moved(): void
    {
        $world = World::make();
        foreach (['1/60', '1/250'] as $time) {
            $this->actingAs($world->student)
                ->post(route('practice.press', 'chart'), [...self::SET, 't' => $time])
                ->assertOk();
        }
        $this->actingAs($world->student)
            ->get(route('roll.compare', ['frame' => RollFrame::query()->pluck('id')->all()]))
            ->assertOk()
            ->assertSee('▸ Exposure time takes')
            ->assertDontSee('▸ Aperture takes');
    }

    public function test_a_full_roll_takes_nothing_more_and_loses_nothing(): void
    {
        Queue::fake();
        $world = World::make();
        for ($frame = 0; $frame < Roll::LENGTH; $frame++) {
            RollFrame::query()->create([
                'user_id' => $world->student->id,
                'token' => 'frame-'.$frame,
                'scene' => 'chart',
                'settings' => [],
                'state' => RollState::Ready,
                'taken_at' => Carbon::now(),
            ]);
        }
        $this->actingAs($world->student)
            ->post(route('practice.press', 'chart'), self::SET)
            ->assertOk()
            ->assertSee('is full');
        $this->assertSame(Roll::LENGTH, RollFrame::query()->count());
    }

    public function test_a_frame_that_cannot_be_made_says_so_and_keeps_its_settings(): void
    {
        $world = World::make();
        $frame = RollFrame::query()->create([
            'user_id' => $world->student->id,
            'token' => 'broken',
            'scene' => 'chart',
            'settings' => ['mode' => 'manual', 'iso' => 'auto'],
            'state' => RollState::Developing,
            'taken_at' => Carbon::now(),
        ]);
        DevelopRollFrame::dispatchSync($frame->id);
        $this->assertSame(RollState::Failed, $frame->refresh()->state);
        $this->assertStringContainsString('ISO', (string) $frame->problem);
        (new DevelopRollFrame($frame->id))->failed(null);
        $this->assertStringContainsString('settings are kept', (string) $frame->refresh()->problem);
    }

    public function test_drills_are_asked_answered_and_come_back_when_missed(): void
    {
        $world = World::make();
        $this->actingAs($world->student)->get(route('drills'))->assertOk()->assertSee('not asked yet');
        $asked = $this->actingAs($world->student)->get(route('drills.next', ['kind' => 'match']));
        $address = (string) $asked->headers->get('Location');
        $asked->assertRedirect();
        $this->actingAs($world->student)->get($address)->assertOk()->assertSee('Your answer');

        $this->actingAs($world->student)
            ->post($address, ['answer' => 'no idea'])
            ->assertOk()
            ->assertSee('Nothing is counted yet');
        $this->assertSame(0, DrillAnswer::query()->count());
        $this->actingAs($world->student)
            ->post($address, ['answer' => '30'])
            ->assertOk()
            ->assertSee('Not quite')
            ->assertSee('The ledger');
        $this->assertSame(1, DrillReturn::query()->count());

        // In ten minutes it is the first thing asked.
        $this->travel(11)->minutes();
        $this->actingAs($world->student)->get(route('drills.next'))->assertRedirect($address);
        [, , , $scene, $level, $seed] = explode('/', (string) parse_url($address, PHP_URL_PATH).'/');
        $drill = app(Drills::class)->make(DrillKind::Match, (int) $level, (int) $seed, $scene, $world->student);
        $this->actingAs($world->student)
            ->post($address, ['answer' => $drill->rightText()])
            ->assertOk()
            ->assertSee('Right.');
        $this->assertSame(1, DrillReturn::query()->sole()->box);
        $this->assertNotSame(
            $address,
            $this->actingAs($world->student)->get(route('drills.next'))->headers->get('Location'),
            'not again before a day has passed',
        );
        $this->actingAs($world->student)->get(route('drills'))->assertSee('1 of 2');
    }

    public function test_whoever_teaches_sees_where_the_class_stands_and_the_answers_behind_it(): void
    {
        $world = World::make();
        foreach ([true, false, true] as $isRight) {
            DrillAnswer::query()->create([
                'user_id' => $world->student->id,
                'kind' => DrillKind::Match,
                'level' => $isRight ? 2 : 3,
                'seed' => 5,
                'scene' => 'pots',
                'answer' => '1/60',
                'is_right' => $isRight,
            ]);
        }
        $this->actingAs($world->instructor)
            ->get(route('courses.drills', $world->course))
            ->assertOk()
            ->assertSee('2 of 3')
            ->assertSee('level 2');
        $this->actingAs($world->instructor)
            ->get(route('courses.drills.evidence', [$world->course, $world->student]))
            ->assertOk()
            ->assertSee('missed')
            ->assertSee('1/60');
        $this->actingAs($world->instructor)
            ->get(route('courses.drills.evidence', [$world->course, $world->outsider]))
            ->assertNotFound();
        foreach (['student', 'critic', 'outsider'] as $person) {
            $this->actingAs($world->$person)->get(route('courses.drills', $world->course))->assertForbidden();
            $this->actingAs($world->$person)
                ->get(route('courses.drills.evidence', [$world->course, $world->student]))
                ->assertForbidden();
        }
    }

    public function test_every_kind_of_drill_is_shown_with_its_pictures(): void
    {
        $world = World::make();
        foreach (DrillKind::cases() as $kind) {
            $page = $this->actingAs($world->student)
                ->get(route('drills.show', ['kind' => $kind, 'scene' => 'wheel', 'level' => 2, 'seed' => 12]))
                ->assertOk()
                ->assertSee($kind->label());
            preg_match_all('~src="([^"]*/drills/[^"]+)"~', $page->content(), $pictures);
            $this->assertSame(['changed' => 2, 'histogram' => 4][$kind->value] ?? 0, count($pictures[1]), $kind->value);
            if ($pictures[1] !== []) {
                $picture = $this->actingAs($world->student)->get($pictures[1][0])->assertOk();
                $this->assertSame(
                    [960, 640],
                    array_slice(getimagesizefromstring((string) $picture->getContent()) ?: [], 0, 2),
                );
            }
        }
        $this->actingAs($world->student)->get('/drills/match/wheel/9/1')->assertNotFound();
        $this->actingAs($world->student)->get('/drills/guess/wheel/1/1')->assertNotFound();
        $this->actingAs($world->student)->get('/drills/match/nowhere/1/1')->assertNotFound();
    }

    public function test_a_frame_that_was_removed_is_brought_back_for_a_day_and_then_gone_with_its_file(): void
    {
        $world = World::make();
        $this->actingAs($world->student)->post(route('practice.press', 'chart'), self::SET)->assertOk();
        $frame = RollFrame::query()->sole();
        $path = app(RollPictures::class)->path($frame);
        $this->assertFileExists($path);
        $this->actingAs($world->student)->delete(route('roll.destroy', $frame))->assertRedirect(route('roll'));
        $this->get(route('roll'))->assertOk()->assertSee('0 of');
        $this->get(route('roll.picture', $frame))->assertNotFound();
        $this->actingAs($world->neighbour)->post(route('roll.restore', $frame))->assertForbidden();
        $this->actingAs($world->student)->post(route('roll.restore', $frame))->assertRedirect(route('roll'));
        $this->get(route('roll'))->assertSee('1 of');
        $this->assertFileExists($path);

        $this->delete(route('roll.destroy', $frame));
        $this->travel(RollFrame::KEPT_HOURS)->hours();
        app(Cleaning::class)->run();
        $this->assertFileExists($path);
        $this->travel(1)->seconds();
        app(Cleaning::class)->run();
        $this->assertFileDoesNotExist($path);
        $this->assertSame(0, RollFrame::withTrashed()->count());
    }
}
