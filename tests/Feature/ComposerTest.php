<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefInput;
use App\Briefs\BriefLibrary;
use App\Briefs\BriefPack;
use App\Briefs\InstructorBriefs;
use App\Briefs\LimitText;
use App\Models\OwnBrief;
use App\Models\SetBrief;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\PlainSentence;
use TruePupil\Core\Brief\TypedNumber;
use TruePupil\Core\Checks\BriefFormat;
use TruePupil\Core\Checks\Measures\RecordExposureTime;
use TruePupil\Core\Checks\Measures\RecordFNumber;
use TruePupil\Core\Checks\Measures\RecordIso;
use TruePupil\Core\Checks\Measures\SubjectMeanStops;
use TruePupil\Core\Checks\Measures\ToneLostHighlightsPct;
use TruePupil\Core\Checks\Measures\ToneMeanStops;

/**
 * Briefs of an instructor's own: composed, tried on frames, revised without changing what is set, and carried in packs.
 */
final class ComposerTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_brief_is_composed_kept_and_set(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor);
        $this->get(route('composer', $world->course))->assertOk()->assertSee('Add a check');
        $this->post(route('composer.store', $world->course), self::form())
            ->assertRedirect(route('set-briefs.create', $world->course))
            ->assertSessionHas('done');

        $own = OwnBrief::query()->sole();
        $this->assertSame(['a-tidy-table', 1], [$own->brief_id, $own->revision]);
        $brief = BriefFormat::read($own->brief);
        $this->assertSame(
            ['Keep the clutter out', 'Mode: aperture priority or manual'],
            [$brief->checks[0]->sentence, str_replace('Exposure mode', 'Mode', $brief->checks[1]->sentence)],
        );
        $this->get(route('set-briefs.create', $world->course))
            ->assertSee('A tidy table')
            ->assertSee('yours, revision 1');
        $this->post(route('set-briefs.store', $world->course), [
            'brief' => 'a-tidy-table',
            'due_at' => '2026-12-01T18:00',
        ])->assertRedirect();
        $this->actingAs($world->student)->get(route('courses.show', $world->course))->assertSee('A tidy table');
    }

    public function test_what_a_course_lets_frames_be_taken_with_is_said_and_checked_with_its_briefs(): void
    {
        $world = World::make();
        $world->course->update(['kit_rules' => ['no-flash', 'phones-welcome']]);
        $this->actingAs($world->instructor)
            ->post(route('set-briefs.store', $world->course), ['brief' => 'silhouette'])
            ->assertRedirect();

        $set = SetBrief::query()->where('brief_id', 'silhouette')->sole();
        $this->assertContains('kit-no-flash', array_column($set->content()->checks, 'id'));
        $this->actingAs($world->student)
            ->get(route('set-briefs.show', $set))
            ->assertSeeInOrder(['Taken with', 'No flash', 'Phones are welcome', 'What is checked', 'No flash']);
        $this->get(route('set-briefs.show', $world->setBrief))->assertDontSee('Taken with');
    }

    public function test_a_set_brief_never_changes_under_its_students(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor);
        $this->post(route('composer.store', $world->course), self::form());
        $this->post(route('set-briefs.store', $world->course), ['brief' => 'a-tidy-table']);
        $this->get(route('composer', ['course' => $world->course, 'from' => 'a-tidy-table']))
            ->assertOk()
            ->assertSee('Change your brief')
            ->assertSee('Keep the clutter out');
        $this->post(
            route('composer.store', $world->course),
            self::form(['id' => 'a-tidy-table', 'title' => 'A very tidy table']),
        )->assertRedirect();

        $this->assertSame([1, 2], OwnBrief::query()->orderBy('revision')->pluck('revision')->all());
        $set = SetBrief::query()->where('brief_id', 'a-tidy-table')->sole();
        $this->assertSame('A tidy table', $set->content()->words->title);
        // The newer one can be set beside it.
        $this->get(route('set-briefs.create', $world->course))->assertSee('or set it beside that');
        $this->post(route('set-briefs.store', $world->course), ['brief' => 'a-tidy-table'])->assertRedirect();
        $this->assertSame(
            ['A tidy table', 'A very tidy table'],
            SetBrief::query()
                ->where('brief_id', 'a-tidy-table')
                ->orderBy('revision')
                ->get()
                ->map(fn (SetBrief $one): string => $one->content()->words->title)
                ->all(),
        );
        $this->get(route('composer.revisions', [$world->course, 'a-tidy-table']))
            ->assertOk()
            ->assertSee('Revision 2')
            ->assertSee('Revision 1');
    }

    public function test_a_ready_brief_is_copied_and_stays_as_it_was(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor)
            ->get(route('composer', ['course' => $world->course, 'from' => 'three-controls']))
            ->assertOk()
            ->assertSee('(own version)')
            ->assertSee('Only ISO moves');
        $data = app(InstructorBriefs::class)->data($world->instructor, 'three-controls');
        $copy = BriefInput::fromData([...$data, 'title' => 'Three of my own'])->brief('three-of-my-own');
        // Nothing is lost on the way through the form.
        $this->assertEquals(BriefFormat::read($data)->rows(), $copy->rows());
        $this->assertEquals(
            array_map(
                fn ($check): array => [
                    $check->measure,
                    $check->comparison,
                    is_float($check->limit) ? round($check->limit, 4) : $check->limit,
                    round($check->tolerance, 4),
                    $check->sentence,
                    $check->row,
                ],
                BriefFormat::read($data)->checks,
            ),
            array_map(
                fn ($check): array => [
                    $check->measure,
                    $check->comparison,
                    is_float($check->limit) ? round($check->limit, 4) : $check->limit,
                    round($check->tolerance, 4),
                    $check->sentence,
                    $check->row,
                ],
                $copy->checks,
            ),
        );
    }

    public function test_limits_are_typed_and_shown_as_a_photographer_writes_them(): void
    {
        foreach (
            [
                [new RecordExposureTime(), Comparison::AtMost, 1 / 125, 1 / 125, '1/125 s', '1'],
                [new RecordExposureTime(), Comparison::AtLeast, 2.0, 1.0, '2 s', '1'],
                [new RecordFNumber(), Comparison::AtMost, 8.0, 8.0 * (2 ** 0.5 - 1), 'ƒ/8', '1'],
                [new RecordIso(), Comparison::AtMost, 400.0, 400.0 * (2 ** (1 / 3) - 1), 'ISO 400', '⅓'],
                [new ToneMeanStops(), Comparison::Within, 4 / 3, 1 / 3, '+1⅓', '⅓'],
                [new SubjectMeanStops(), Comparison::AtLeast, -2.0, 0.5, '−2', '0.5'],
                [new ToneLostHighlightsPct(), Comparison::AtMost, 2.5, 1.0, '2.5', '1'],
            ] as [$measure, $comparison, $limit, $tolerance, $written, $beyond]
        ) {
            $this->assertSame($written, LimitText::write($measure, $limit));
            $this->assertSame($beyond, LimitText::writeTolerance($measure, $comparison, $limit, $tolerance));
            $this->assertEqualsWithDelta($limit, TypedNumber::parse($written), 1e-3);
            $this->assertEqualsWithDelta(
                $tolerance,
                LimitText::readTolerance($measure, $comparison->value, $written, $beyond),
                1e-6 + 2e-3 * $tolerance,
            );
        }
        $this->assertSame('a lot', LimitText::readTolerance(new RecordIso(), 'atMost', '400', 'a lot'));
        $this->assertSame(['stops', '%'], [
            LimitText::toleranceUnit(new RecordFNumber()),
            LimitText::toleranceUnit(new ToneLostHighlightsPct()),
        ]);
    }

    public function test_every_ready_brief_comes_through_the_form_as_it_was(): void
    {
        foreach (app(BriefLibrary::class)->all() as $brief) {
            $data = app(BriefLibrary::class)->data($brief->id);
            $copy = BriefInput::fromData($data)->brief('a-copy');
            foreach ($brief->checks as $index => $check) {
                $this->assertSame($check->sentence, $copy->checks[$index]->sentence);
                if (is_float($check->limit)) {
                    $said = $brief->id.' '.$check->id;
                    $near = 1e-6 + 2e-3 * abs($check->limit);
                    $this->assertEqualsWithDelta($check->limit, $copy->checks[$index]->limit, $near, $said);
                    $this->assertEqualsWithDelta($check->tolerance, $copy->checks[$index]->tolerance, $near, $said);
                }
            }
            foreach ($brief->placements as $index => $placement) {
                $this->assertEqualsWithDelta($placement->stops->value, $copy->placements[$index]->stops->value, 0.004);
            }
        }
    }

    public function test_a_check_says_what_it_asks_now_and_not_what_it_asked_when_it_was_kept(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor)->post(route('composer.store', $world->course), self::form([
            'checks' => [
                [
                    'measure' => 'record.exposureTime',
                    'comparison' => 'atMost',
                    'limit' => '1/125',
                    'tolerance' => '1',
                    'sentence' => '',
                    'reason' => 'It moves.',
                ],
            ],
        ]))->assertRedirect();
        $kept = BriefFormat::read(OwnBrief::query()->sole()->brief)->checks[0];
        $this->assertEqualsWithDelta(1 / 125, $kept->tolerance, 1e-9);
        $this->assertStringContainsString('1/125 s or shorter; 1/60 s is close', $kept->sentence);
        // Opened again, the plain sentence is not among the texts, and so is made anew from what is asked.
        $input = BriefInput::fromData(OwnBrief::query()->sole()->brief);
        $this->assertSame(['', '1/125 s', '1'], [
            $input->checks[0]['sentence'], $input->checks[0]['limit'], $input->checks[0]['tolerance'],
        ]);
        $changed = BriefInput::of([...self::form(), 'checks' => [[...$input->checks[0], 'limit' => '1/500']]]);
        $this->assertStringContainsString('1/500 s or shorter', $changed->brief('x')->checks[0]->sentence);
    }

    public function test_a_brief_that_is_opened_is_tried_on_the_frames_of_the_course_at_once(): void
    {
        $world = World::make();
        $world->handedIn();
        $this->actingAs($world->instructor)
            ->get(route('composer', ['course' => $world->course, 'from' => 'meter-is-fooled']))
            ->assertOk()
            ->assertSee('What frames of the course would get')
            ->assertSee('Stu Dent');
    }

    public function test_faults_stand_at_their_fields(): void
    {
        $world = World::make();
        $checks = [
            [
                'measure' => 'record.iso',
                'comparison' => 'atMost',
                'limit' => 'few',
                'tolerance' => '-1',
                'reason' => '',
            ],
            ['measure' => 'record.mode', 'comparison' => 'oneOf', 'words' => [], 'reason' => 'It matters.'],
        ];
        $page = $this->actingAs($world->instructor)->post(route('composer.store', $world->course), self::form([
            'title' => '',
            'frames' => 'some',
            'checks' => $checks,
            'placements' => [['label' => 'White', 'stops' => '']],
        ]))->assertStatus(422);
        foreach (
            [
                'title', 'frames', 'checks.0.limit', 'checks.0.tolerance', 'checks.0.reason', 'checks.1.words',
                'placements.0.stops',
            ] as $field
        ) {
            $page->assertMarkup('data-field="'.$field.'"');
        }
        $page->assertDontSee('data-field="purpose"', false)->assertSee('few')->assertSee('Leave out what is not');
        $this->assertSame(0, OwnBrief::query()->count());
    }

    public function test_a_check_begins_as_another_brief_has_it_with_what_is_usual_beside_it(): void
    {
        $world = World::make();
        $page = $this->actingAs($world->instructor)->post(
            route('composer.checks', $world->course),
            [...self::form(), 'copy' => '1', 'from_check' => 'first-settings/iso'],
        )->assertOk();
        $page->assertSee('ISO 400')->assertSee('ISO is 400 or lower')->assertSee('(First settings)');
        // Asked for what is not there, nothing is added.
        $this->post(
            route('composer.checks', $world->course),
            [...self::form(), 'copy' => '1', 'from_check' => 'nowhere/iso'],
        )->assertOk()->assertDontSee('checks[2]', false);
    }

    public function test_what_is_wrong_is_named_and_nothing_typed_is_lost(): void
    {
        $world = World::make();
        $form = self::form();
        $form['checks'][0]['limit'] = 'a little';
        $this->actingAs($world->instructor)
            ->post(route('composer.store', $world->course), $form)
            ->assertStatus(422)
            ->assertSee('limit')
            ->assertMarkup('value="a little"')
            ->assertSee('A tidy table');
        $this->assertSame(0, OwnBrief::query()->count());
        $form['checks'][0]['limit'] = '1';
        $form['frames'] = '400';
        $this->post(route('composer.store', $world->course), $form)->assertStatus(422)->assertSee('frames');
    }

    public function test_checks_are_tried_at_once_on_frames_of_the_course_and_on_no_others(): void
    {
        $world = World::make();
        $world->handedIn(Pictures::jpeg(patch: 200));
        // What is still being prepared is nobody else's.
        $world->prepared(Pictures::jpeg(patch: 90, mark: 5), $world->neighbour);
        $form = self::form();
        $form['checks'] = [
            [
                'measure' => 'subject.meanStops',
                'comparison' => 'atMost',
                'limit' => '1',
                'tolerance' => '',
                'sentence' => '',
                'reason' => 'x',
            ],
            [
                'measure' => 'record.iso',
                'comparison' => 'atMost',
                'limit' => '200',
                'tolerance' => '',
                'sentence' => '',
                'reason' => 'x',
            ],
        ];
        $page = $this->actingAs($world->instructor)->post(route('composer.try', $world->course), $form)->assertOk();

        $page->assertSee('Stu Dent')->assertDontSee('Nell Bour');
        $page
            ->assertSee('Mean of the subject from mid-grey: 1 stop or less')
            ->assertMarkup('<b>missed</b>')
            ->assertMarkup('<b>met</b>');
    }

    public function test_a_measure_s_own_comparisons_and_words_are_offered(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor);
        $form = self::form();
        $form['checks'] = [
            ['measure' => 'series.moving', 'comparison' => 'oneOf', 'words' => ['time'], 'reason' => 'x'],
        ];
        $this->post(route('composer.checks', $world->course), $form)
            ->assertOk()
            ->assertSee('only the exposure time')
            ->assertDontSee('close within');
        $this->post(route('composer.checks', $world->course), [...$form, 'add' => '1'])->assertSee('close within');
        // A topic begins with what is ordinarily asked, and so does a check that is turned to another measure.
        $eye = $this->post(route('composer.checks', $world->course), [...$form, 'add' => 'focus.eyeSharpness']);
        $eye->assertMarkup('<option value="0.42" selected>');
        $form['checks'][0] = ['measure' => 'record.focalLength35', 'comparison' => 'oneOf', 'words' => ['time']];
        $this->post(route('composer.checks', $world->course), [...$form, 'was' => ['series.moving']])
            ->assertMarkup('name="checks[0][limit]" value="70"');
        $this->post(route('composer.checks', $world->course), [...$form, 'drop' => '0'])->assertSee('No check yet');
    }

    public function test_plain_sentences(): void
    {
        $sentence = fn (array $check): string => PlainSentence::of(
            BriefFormat::read([
                'format' => 'true-pupil.brief',
                'version' => 1,
                'id' => 'x',
                'number' => 1,
                'title' => 'x',
                'purpose' => 'x',
                'task' => [],
                'frames' => 1,
                'cautions' => [],
                'placements' => [],
                'checks' => [['id' => 'x', 'sentence' => 'x', 'reason' => 'x', ...$check]],
            ])->checks[0],
        );

        $this->assertSame(
            'Lost highlights in the frame: 1 % or less; 3 % is close',
            $sentence([
                'measure' => 'tone.lostHighlightsPct',
                'comparison' => 'atMost',
                'limit' => 1,
                'tolerance' => 2,
            ]),
        );
        $this->assertSame(
            'Subject from where the brief wants it: within ⅓ stop to either side',
            $sentence(['measure' => 'subject.placementError', 'comparison' => 'within', 'limit' => 1 / 3]),
        );
        $this->assertSame(
            'Exposure mode: anything but full automatic or scene program',
            $sentence(['measure' => 'record.mode', 'comparison' => 'noneOf', 'limit' => ['auto', 'scene']]),
        );
        $this->assertSame(
            'Room before hands shake: 0 stops or more; −1 stop is close',
            $sentence(['measure' => 'record.shakeRoom', 'comparison' => 'atLeast', 'limit' => 0, 'tolerance' => 1]),
        );
        $this->assertSame(
            'Aperture: ƒ/2.8 or wider; ƒ/3.2 is close',
            $sentence(['measure' => 'record.fNumber', 'comparison' => 'atMost', 'limit' => 2.8, 'tolerance' => 0.4]),
        );
        $this->assertSame(
            'ISO 400 or lower',
            $sentence(['measure' => 'record.iso', 'comparison' => 'atMost', 'limit' => 400]),
        );
        $this->assertSame(
            'Exposure time: 1/60 s or shorter',
            $sentence(['measure' => 'record.exposureTime', 'comparison' => 'atMost', 'limit' => 1 / 60]),
        );
    }

    public function test_a_pack_is_looked_into_before_anything_is_kept_and_overwrites_nothing(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor);
        $ownBriefs = app(InstructorBriefs::class);
        $mine = BriefInput::of(self::form())->data('a-tidy-table');
        $pack = BriefPack::of('From next door', [
            $mine,
            [...$mine, 'id' => 'meter-is-fooled', 'title' => 'Another meter'],
            [...$mine, 'id' => 'a-bare-table', 'title' => 'A bare table'],
        ])->toJson();

        $this->post(route('pack.preview', $world->course), [
            'pack' => UploadedFile::fake()->createWithContent('pack.json', $pack),
        ])
            ->assertOk()
            ->assertSee('A bare table')
            ->assertSee('It stays as it is');
        $this->assertSame(0, OwnBrief::query()->count());
        $this->post(route('pack.store', $world->course), [
            'brief' => ['a-bare-table', 'meter-is-fooled'],
        ])->assertSessionHas('done', '1 brief is kept, 2 left alone.');
        $this->assertSame(['a-bare-table'], OwnBrief::query()->pluck('brief_id')->all());
        $this->assertSame('The meter is fooled', $ownBriefs->data($world->instructor, 'meter-is-fooled')['title']);
        // A second press finds nothing to keep.
        $this->post(route('pack.store', $world->course), ['brief' => ['a-tidy-table']])->assertSessionHas('problem');

        $broken = str_replace('"frames": 1', '"frames": 0', $pack);
        $this->post(route('pack.preview', $world->course), [
            'pack' => UploadedFile::fake()->createWithContent('pack.json', $broken),
        ])->assertSessionHas('problem', fn (string $said): bool => str_contains($said, '/briefs/0/frames'));
        // What goes out comes in again.
        $out = $this->get(
            route('pack.export', ['course' => $world->course, 'brief' => ['a-bare-table', 'night-ladder']]),
        )
            ->assertOk()
            ->getContent();
        $this->assertSame(
            ['a-bare-table', 'night-ladder'],
            array_map(fn ($brief): string => $brief->id, BriefPack::read((string) $out)->contents()),
        );
    }

    public function test_only_who_teaches_the_course_composes_and_own_briefs_are_one_s_own(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor)->post(route('composer.store', $world->course), self::form());
        foreach (['critic', 'student', 'outsider'] as $person) {
            $this->actingAs($world->$person);
            foreach (
                [
                    $this->get(route('composer', $world->course)),
                    $this->post(route('composer.store', $world->course), self::form()),
                    $this->post(route('composer.checks', $world->course)),
                    $this->post(route('composer.try', $world->course), self::form()),
                    $this->get(route('composer.revisions', [$world->course, 'a-tidy-table'])),
                    $this->get(route('pack.export', $world->course)),
                    $this->post(route('pack.preview', $world->course)),
                    $this->post(route('pack.store', $world->course)),
                ] as $answer
            ) {
                $answer->assertForbidden();
            }
        }
        $this->assertNull(app(InstructorBriefs::class)->data($world->critic, 'a-tidy-table'));
        $this->assertSame(1, OwnBrief::query()->count());
    }

    /** @return array<string, mixed> */
    private static function form(array $changes = []): array
    {
        return [
            'title' => 'A tidy table',
            'number' => '21',
            'purpose' => 'Leave out what is not needed.',
            'task' => "Clear the table.\nTake it again.",
            'frames' => '1',
            'cautions' => 'Ask whose table it is.',
            'checks' => [
                [
                    'measure' => 'composition.edges',
                    'comparison' => 'atMost',
                    'limit' => '1',
                    'tolerance' => '1',
                    'sentence' => 'Keep the clutter out',
                    'reason' => 'It pulls the eye.',
                ],
                [
                    'measure' => 'record.mode',
                    'comparison' => 'oneOf',
                    'words' => ['aperture', 'manual'],
                    'sentence' => '',
                    'reason' => 'Depth is the choice.',
                ],
            ],
            ...$changes,
        ];
    }
}
