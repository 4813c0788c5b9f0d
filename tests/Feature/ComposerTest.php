<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefInput;
use App\Briefs\BriefPack;
use App\Briefs\InstructorBriefs;
use App\Models\OwnBrief;
use App\Models\SetBrief;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Brief\BriefFormat;
use TruePupil\Core\Brief\PlainSentence;

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
            ['Keep the clutter out', 'Mode is aperture priority or manual'],
            [$brief->checks[0]->sentence, str_replace('Exposure mode', 'Mode', $brief->checks[1]->sentence)],
        );
        $this->get(route('set-briefs.create', $world->course))
            ->assertSee('A tidy table')
            ->assertSee('your own, revision 1');
        $this->post(route('set-briefs.store', $world->course), [
            'brief' => 'a-tidy-table',
            'due_at' => '2026-12-01T18:00',
        ])->assertRedirect();
        $this->actingAs($world->student)->get(route('courses.show', $world->course))->assertSee('A tidy table');
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
        $this->get(route('set-briefs.create', $world->course))->assertSee('Revision 1 is set and stays as it is.');
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
                    $check->limit,
                    $check->tolerance,
                    $check->sentence,
                    $check->row,
                ],
                BriefFormat::read($data)->checks,
            ),
            array_map(
                fn ($check): array => [
                    $check->measure,
                    $check->comparison,
                    $check->limit,
                    $check->tolerance,
                    $check->sentence,
                    $check->row,
                ],
                $copy->checks,
            ),
        );
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
            ->assertSee('Mean of the subject from mid-grey is 1 stop or less')
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
            ->assertDontSee('Close up to');
        $this->post(route('composer.checks', $world->course), [...$form, 'add' => '1'])->assertSee('Close up to');
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
            'Lost highlights in the frame is 1 % or less; up to 3 % counts as close',
            $sentence([
                'measure' => 'tone.lostHighlightsPct',
                'comparison' => 'atMost',
                'limit' => 1,
                'tolerance' => 2,
            ]),
        );
        $this->assertSame(
            'Subject from where the brief wants it lies within ⅓ stop to either side',
            $sentence(['measure' => 'subject.placementError', 'comparison' => 'within', 'limit' => 1 / 3]),
        );
        $this->assertSame(
            'Exposure mode is not full automatic or scene program',
            $sentence(['measure' => 'record.mode', 'comparison' => 'noneOf', 'limit' => ['auto', 'scene']]),
        );
        $this->assertSame(
            'Room before hands shake is 0 stops or more; down to −1 stop counts as close',
            $sentence(['measure' => 'record.shakeRoom', 'comparison' => 'atLeast', 'limit' => 0, 'tolerance' => 1]),
        );
        $this->assertSame(
            'Exposure time is 1/60 s or less',
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
