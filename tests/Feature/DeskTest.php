<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\JudgeFrame;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Decision;
use App\Models\FrameFinding;
use App\Models\FrameState;
use App\Models\Note;
use App\Models\User;
use App\Notices\Returned;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\PersonRemark;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;

final class DeskTest extends TestCase
{
    use RefreshDatabase;

    public function test_opening_brings_it_to_the_desk_and_a_critic_s_look_does_not(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();

        $this->actingAs($world->critic)
            ->get(route('desk.show', $attempt))
            ->assertOk()
            ->assertDontSee('data-publish', false);
        $this->assertSame(AttemptState::Waiting, $attempt->fresh()->state);
        $this->actingAs($world->instructor)
            ->get(route('desk.show', $attempt))
            ->assertOk()
            ->assertSee('Light ledger')
            ->assertSee('Capture record')
            ->assertSee('a pupil 8.8 mm across')
            ->assertSee('Tones as a table')
            ->assertSee('The meter said so.')
            ->assertSee('data-publish', false)
            ->assertMarkup('hx-post="'.route('desk.open', $attempt).'" hx-trigger="load"');
        $this->assertSame(AttemptState::Waiting, $attempt->fresh()->state, 'looking a page up opens nothing');
        $this->post(route('desk.open', $attempt))->assertNoContent();
        $this->assertSame(AttemptState::AtDesk, $attempt->fresh()->state);
        $opened = $attempt->fresh()->opened_at;
        $this->travel(1)->hours();
        $this->post(route('desk.open', $attempt))->assertNoContent();
        $this->assertEquals($opened, $attempt->fresh()->opened_at, 'opening again changes nothing');
        $this->actingAs($world->critic)->post(route('desk.open', $attempt))->assertForbidden();
    }

    public function test_remarks_about_somebody_are_at_hand_where_somebody_is_in_the_picture(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $frame = $attempt->frames->first();
        $this->actingAs($world->instructor);
        $this->get(route('desk.show', $attempt))->assertDontSee('pole at the head');
        $frame->update(['intent' => new Intent(contents: new IntendedContents(person: true))]);
        $page = $this->get(route('desk.show', $attempt));
        foreach (PersonRemark::cases() as $remark) {
            $page->assertSee($remark->label())->assertSee($remark->sentence());
        }
        $frame->update(['intent' => new Intent()]);
        $this->get(route('desk.show', $attempt))->assertDontSee('pole at the head');
        $frame->update(['marks' => [Mark::of(MarkKind::Eye, [[0.5, 0.4]])]]);
        $this->get(route('desk.show', $attempt))->assertSee('pole at the head');
    }

    public function test_findings_are_accepted_reworded_dismissed_and_reopened(): void
    {
        $world = World::make();
        $finding = $world->handedIn(Pictures::jpeg(patch: 118))->frames->first()->findings->first();
        $this->actingAs($world->instructor);
        $decide = fn (array $input) => $this->put(route('findings.update', $finding), $input, ['HX-Request' => 'true']);

        $decide(['decision' => 'accepted'])
            ->assertOk()
            ->assertSee('accepted');
        $decide(['decision' => 'reworded', 'wording' => 'Look at the bottle, not at the number.'])
            ->assertSee('Look at the bottle')
            ->assertSee('Computed sentence');
        $decide(['decision' => 'dismissed', 'dismissal' => 'It was meant so.'])->assertSee('It was meant so.');
        $this->assertSame(Decision::Dismissed, $finding->fresh()->decision);
        $decide(['decision' => 'open'])->assertOk();
        $this->assertSame(
            'Look at the bottle, not at the number.',
            $finding->fresh()->wording,
            'an earlier wording is not lost',
        );
        $decide(['decision' => 'reworded', 'wording' => ''])
            ->assertStatus(422)
            ->assertJsonPath('message', 'Write your own wording first.');
        $this->actingAs($world->critic)
            ->put(route('findings.update', $finding), ['decision' => 'accepted'])
            ->assertForbidden();
    }

    public function test_a_note_is_written_once_however_often_it_is_sent(): void
    {
        $world = World::make();
        $frame = $world->handedIn()->frames->first();
        $note = [
            'kind' => 'keep',
            'fixed' => 'field',
            'body' => 'The row reads well.',
            'token' => (string) Str::uuid(),
        ];

        $this->actingAs($world->instructor)
            ->post(route('notes.store', $frame), $note, ['HX-Request' => 'true'])
            ->assertSee('The row reads well.');
        $this->post(route('notes.store', $frame), $note, ['HX-Request' => 'true'])->assertOk();
        $this->assertSame(1, Note::query()->count());
        $this->actingAs($world->critic)->delete(route('notes.destroy', Note::query()->sole()))->assertForbidden();
        $this->actingAs($world->critic)
            ->post(
                route('notes.store', $frame),
                ['token' => (string) Str::uuid(), 'body' => 'Seen from the other side.'] + $note,
            )
            ->assertRedirect();
        $this->assertSame(2, Note::query()->count());
    }

    public function test_a_check_that_failed_after_the_hand_in_is_asked_for_again(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $frame = $attempt->frames->first();
        $checks = $frame->checks;
        $this->assertNotEmpty($checks);
        (new JudgeFrame($frame->id, $frame->revision))->failed(null);
        $frame->forceFill(['checks' => null])->save();

        $this->actingAs($world->critic)->post(route('frames.judge', $frame))->assertForbidden();
        $this->actingAs($world->student)->post(route('frames.judge', $frame))->assertForbidden();
        $this->actingAs($world->instructor)->get(route('desk.show', $attempt))->assertSee('Check it again');
        $this->post(route('frames.judge', $frame))
            ->assertRedirect(route('desk.show', $attempt))
            ->assertSessionHas('done');
        $this->assertSame([FrameState::Judged, null], [$frame->refresh()->state, $frame->problem]);
        $this->assertEquals($checks, $frame->checks);
        $this->post(route('frames.judge', $frame))->assertSessionHas(
            'problem',
            fn (string $said): bool => str_contains($said, 'already'),
        );
        $this->get(route('desk.show', $attempt))->assertDontSee('Check it again');
    }

    public function test_the_instructor_hears_of_notes_that_a_guest_critic_still_keeps(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $this->actingAs($world->critic)->post(route('notes.store', $attempt->frames->first()), [
            'kind' => 'try',
            'body' => 'Go lower.',
            'token' => (string) Str::uuid(),
        ]);

        $this->get(route('desk.show', $attempt))->assertDontSee('not given them yet');
        $this->actingAs($world->instructor)
            ->get(route('desk.show', $attempt))
            ->assertSee('Guy Crit has written notes here and not given them yet')
            ->assertDontSee('Go lower.');
        $this->actingAs($world->critic)->post(route('notes.give', $attempt));
        $this->actingAs($world->instructor)
            ->get(route('desk.show', $attempt))
            ->assertDontSee('not given them yet')
            ->assertSee('Go lower.');
    }

    public function test_what_is_folded_is_drawn_when_it_is_opened(): void
    {
        $world = World::make();
        $frame = $world->handedIn(Pictures::jpeg(patch: 118))->frames->first();
        $this->actingAs($world->instructor)
            ->get(route('frames.views', $frame))
            ->assertOk()
            ->assertSee('Exposure map')
            ->assertNoMarkup('<html');
        $this->actingAs($world->student)->get(route('frames.views', $frame))->assertForbidden();
    }

    public function test_publishing_lets_the_student_read_what_was_not_dismissed(): void
    {
        $world = World::make();
        $attempt = $world->handedIn(Pictures::jpeg(patch: 118));
        $frame = $attempt->frames->first();
        [$kept, $dismissed] = [$frame->findings[0], $frame->findings[1]];
        $dismissed->update(['decision' => Decision::Dismissed, 'dismissal' => 'between us']);
        $kept->update(['decision' => Decision::Reworded, 'wording' => 'Open up by a stop.']);

        $this->actingAs($world->instructor)
            ->put(route('desk.update', $attempt), ['summary' => 'Half a message'], ['HX-Request' => 'true'])
            ->assertSee('Kept');
        $this->assertSame('Half a message', $attempt->fresh()->summary);
        $this->post(route('desk.publish', $attempt), [
            'summary' => 'Tell the meter what you see.',
            'suggestion' => [$frame->id => 1],
        ])->assertRedirect(route('courses.show', $world->course));
        $this->assertSame(AttemptState::Returned, $attempt->fresh()->state);

        $this->actingAs($world->student)
            ->get(route('attempts.return', $attempt))
            ->assertOk()
            ->assertSee('Tell the meter what you see.')
            ->assertSeeText('Open up by a stop.')
            ->assertSee($frame->suggestions[1]->title)
            ->assertDontSeeText($dismissed->found()->sentence)
            ->assertDontSee('between us');
    }

    public function test_what_is_published_stands(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt), ['summary' => 'First.']);
        $returned = $attempt->fresh()->returned_at;
        $this->travel(3)->minutes();

        $this->post(route('desk.publish', $attempt), ['summary' => 'Second click.']);
        $this->assertSame('First.', $attempt->fresh()->summary);
        $this->assertEquals($returned, $attempt->fresh()->returned_at);
        $this->put(
            route('findings.update', $attempt->frames->first()->findings->first()),
            ['decision' => 'dismissed'],
            ['HX-Request' => 'true'],
        )->assertStatus(409);
        $this->post(
            route('notes.store', $attempt->frames->first()),
            ['kind' => 'try', 'body' => 'late', 'token' => (string) Str::uuid()],
            ['HX-Request' => 'true'],
        )->assertStatus(409);
        $this->put(route('desk.update', $attempt), ['summary' => 'late'], ['HX-Request' => 'true'])->assertStatus(409);
    }

    public function test_nothing_is_published_while_a_frame_is_being_judged(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $attempt->frames->first()->update(['state' => FrameState::Judging]);

        $this->actingAs($world->instructor)
            ->post(route('desk.publish', $attempt), ['summary' => 'x'])
            ->assertSessionHas('problem')
            ->assertSessionHasInput('summary', 'x');
        $this->assertNotSame(AttemptState::Returned, $attempt->fresh()->state);
    }

    public function test_the_next_on_the_desk_is_who_has_waited_longest(): void
    {
        $world = World::make();
        $first = $world->handedIn();
        $this->travel(2)->minutes();
        $second = $world->handedIn(Pictures::jpeg(mark: 3), $world->neighbour);

        $this->actingAs($world->instructor)
            ->post(route('desk.publish', $first))
            ->assertRedirect(route('desk.show', $second->id));
    }

    public function test_the_second_attempt_is_compared_with_the_first_line_by_line(): void
    {
        $world = World::make();
        $first = $world->handedIn(Pictures::jpeg(patch: 118, record: Pictures::record(t: 1 / 200, iso: 400)));
        $this->actingAs($world->instructor)->post(route('desk.accept-rest', $first));
        $this->post(route('desk.publish', $first));
        $second = $world->handedIn(
            Pictures::jpeg(patch: 182, record: Pictures::record(t: 1 / 50, iso: 200, compensation: 1)),
        );
        $this->assertSame(2, $second->number);
        $this->actingAs($world->instructor)->post(route('desk.publish', $second));

        $page = $this->actingAs($world->student)->get(route('attempts.return', $second))->assertOk();
        $page->assertSeeInOrder(
            [
                'attempt 1 against attempt 2',
                '▸ ISO gives',
                'ISO 400',
                'ISO 200',
                '−1',
                '▸ Exposure time takes',
                '1/200 s',
                '1/50 s',
                '+2',
            ],
            false,
        );
        $page->assertSee('Gone: ');
        $this->actingAs($world->student)->get(route('attempts.return', $first))->assertDontSee('Against attempt');
    }

    public function test_what_nobody_decided_on_is_not_sent_unless_the_course_says_so(): void
    {
        $world = World::make();
        $publish = function (Attempt $attempt) use ($world): void {
            $this->actingAs($world->instructor)->post(route('desk.publish', $attempt), ['summary' => 'Good.']);
        };
        $said = fn (Attempt $attempt): array => $attempt->frames
            ->first()
            ->findings()
            ->where('current', true)
            ->orderBy('id')
            ->get()
            ->filter(fn (FrameFinding $one): bool => str_contains(
                // The words of the trade in it lead to what they mean.
                strip_tags(
                    (string) $this->actingAs($world->student)->get(route('attempts.return', $attempt))->getContent(),
                ),
                e($one->sentence()),
            ))
            ->pluck('rule_id')
            ->all();

        $attempt = $world->handedIn(Pictures::jpeg(patch: 118));
        $all = $attempt->frames->first()->findings()->where('current', true)->orderBy('id')->get();
        $this->assertGreaterThan(2, $all->count());
        $all[0]->update(['decision' => Decision::Accepted]);
        $all[1]->update(['decision' => Decision::Reworded, 'wording' => 'In other words.']);
        $publish($attempt);
        $this->assertSame([$all[0]->rule_id, $all[1]->rule_id], $said($attempt));
        $this->get(route('attempts.return', $attempt))
            ->assertSee('found by the program')
            ->assertSee('in the words of whoever');

        $world->course->update(['sends_undecided' => true]);
        $second = $world->handedIn(Pictures::jpeg(patch: 118, mark: 5));
        $dismissed = $second->frames->first()->findings()->where('current', true)->orderBy('id')->first();
        $dismissed->update(['decision' => Decision::Dismissed]);
        $publish($second);
        $this->assertSame(
            FrameFinding::query()
                ->where('frame_id', $second->frames->first()->id)
                ->where('current', true)
                ->where('decision', Decision::Accepted)
                ->orderBy('id')
                ->pluck('rule_id')
                ->all(),
            array_values(array_diff($said($second), [$dismissed->rule_id])),
        );
        $this->assertSame(0, FrameFinding::undecided($second)->count());
        $this->assertSame(Decision::Dismissed, $dismissed->refresh()->decision);
    }

    public function test_what_was_published_can_be_taken_back_for_a_minute(): void
    {
        // The minute is the clock's, not this machine's.
        $this->freezeTime();
        $world = World::make();
        $attempt = $world->handedIn(Pictures::jpeg(patch: 118));
        $publish = fn () => $this->actingAs($world->instructor)
            ->followingRedirects()
            ->post(route('desk.publish', $attempt), ['summary' => 'Good.']);
        $recall = fn () => $this->actingAs($world->instructor)->post(route('desk.recall', $attempt));
        $publish()->assertSee('Take it back');
        $this->travel(59)->seconds();
        $recall()->assertSessionHas('done');
        $this->assertSame([AttemptState::AtDesk, null], [$attempt->refresh()->state, $attempt->returned_at]);
        $this->actingAs($world->student)->get(route('attempts.return', $attempt))->assertForbidden();
        $this->assertSame('Good.', $attempt->summary, 'what was written is still there');

        $publish();
        $this->travel(61)->seconds();
        $recall()->assertSessionHas('problem');
        $this->assertSame(AttemptState::Returned, $attempt->refresh()->state);

        $attempt->update(['returned_at' => now(), 'reply' => 'Thanks.']);
        $recall()->assertSessionHas('problem');
        $attempt->update(['returned_at' => now(), 'reply' => null]);
        $world->prepared(Pictures::jpeg(patch: 150));
        $recall()->assertSessionHas('problem');
        $this->assertSame(AttemptState::Returned, $attempt->refresh()->state);
        $this->actingAs($world->critic)->post(route('desk.recall', $attempt))->assertForbidden();
    }

    public function test_a_student_is_told_of_a_return_only_if_it_still_is_one(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $notice = new Returned($attempt);
        $this->assertFalse($notice->shouldSend());
        $attempt->update(['state' => AttemptState::Returned]);
        $this->assertTrue($notice->shouldSend());
    }

    public function test_a_brief_gets_another_due_date(): void
    {
        $world = World::make();
        $world->course->update(['timezone' => 'Europe/Lisbon']);
        $world->setBrief->update(['due_at' => '2027-07-01 17:00:00', 'reminded_at' => now()]);
        $this->actingAs($world->instructor)
            ->get(route('set-briefs.show', $world->setBrief))
            ->assertSee('value="2027-07-01T18:00"', escape: false);
        $this->put(route('set-briefs.update', $world->setBrief), ['due_at' => '2027-07-08T20:30'])
            ->assertSessionHas('done', fn (string $said): bool => str_contains($said, '8 Jul 2027, 20:30'));
        $this->assertSame('2027-07-08 19:30:00', $world->setBrief->refresh()->due_at->format('Y-m-d H:i:s'));
        $this->assertNull($world->setBrief->reminded_at, 'who has not handed in is reminded again');
        $this->put(route('set-briefs.update', $world->setBrief), ['due_at' => 'soon'])
            ->assertSessionHasErrors('due_at');
        $this->assertNotNull($world->setBrief->refresh()->due_at);
        $this->put(route('set-briefs.update', $world->setBrief), ['due_at' => '']);
        $this->assertNull($world->setBrief->refresh()->due_at);
    }

    public function test_the_time_at_the_desk_is_told_to_whoever_spends_it_with_what_is_left(): void
    {
        $world = World::make();
        $attempts = [];
        foreach (range(1, 5) as $number) {
            $attempts[] = Attempt::query()->create([
                'set_brief_id' => $world->setBrief->id,
                'user_id' => $world->student->id,
                'number' => $number,
                'state' => AttemptState::Waiting,
                'handed_in_at' => now(),
            ]);
        }
        $here = fn (User $user, Attempt $attempt) => $this->actingAs($user)->post(route('desk.here', $attempt));
        // A minute and a half each, with a walk in the garden that is no work.
        foreach (array_slice($attempts, 0, 3) as $attempt) {
            $here($world->instructor, $attempt)->assertDontSee('at your pace');
            foreach ([30, 30, 30, 900] as $seconds) {
                $this->travel($seconds)->seconds();
                $here($world->instructor, $attempt);
            }
            $here($world->instructor, $attempt)->assertSee('2 min at this one');
            $attempt->update(['state' => AttemptState::Returned, 'returned_at' => now()]);
        }
        $here($world->instructor, $attempts[3])->assertSee('The one that waits takes about 2 min at your pace');
        $here($world->critic, $attempts[3])->assertDontSee('at your pace');
    }

    public function test_the_rest_is_accepted_at_once_and_what_was_decided_stays(): void
    {
        $world = World::make();
        $attempt = $world->handedIn(Pictures::jpeg(patch: 118));
        $findings = $attempt->frames->first()->findings()->where('current', true)->orderBy('id')->get();
        $findings[0]->update(['decision' => Decision::Dismissed]);
        $this->actingAs($world->instructor)
            ->post(route('desk.accept-rest', $attempt))
            ->assertRedirect(route('desk.show', $attempt));
        $this->assertSame(
            ['accepted' => $findings->count() - 1, 'dismissed' => 1],
            FrameFinding::query()->where('current', true)->orderBy('decision')
                ->get()->countBy(fn (FrameFinding $one): string => $one->decision->value)->all(),
        );
        $this->post(route('desk.publish', $attempt), ['summary' => 'Good.']);
        FrameFinding::query()->whereKey($findings[1]->id)->update(['decision' => Decision::Open]);
        $this->post(route('desk.accept-rest', $attempt))->assertStatus(409);
        $this->assertSame(Decision::Open, $findings[1]->refresh()->decision);
    }

    public function test_a_brief_is_set_once_and_keeps_its_own_copy(): void
    {
        $world = World::make();
        $world->setBrief->delete();
        $this->actingAs($world->instructor)
            ->get(route('set-briefs.create', $world->course))
            ->assertSee('The meter is fooled')
            ->assertSee('Take care');
        $this->post(route('set-briefs.store', $world->course), [
            'brief' => 'meter-is-fooled',
            'due_at' => '2026-12-01T20:00',
        ])->assertRedirect();
        $this->post(route('set-briefs.store', $world->course), ['brief' => 'meter-is-fooled'])->assertRedirect();
        $this->assertSame(1, $world->course->setBriefs()->count());
        $this->assertSame(4, count($world->course->setBriefs()->sole()->content()->checks));

        $this->post(route('set-briefs.store', $world->course), ['brief' => '../../composer'])->assertSessionHasErrors(
            'brief',
        );
        $this->actingAs($world->student)
            ->post(route('set-briefs.store', $world->course), ['brief' => 'meter-is-fooled'])
            ->assertForbidden();
    }

    public function test_only_students_hand_in(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor)
            ->post(route('frames.store', $world->setBrief), ['pictures' => [World::upload(Pictures::jpeg())]])
            ->assertForbidden();
    }

    public function test_an_instructor_s_own_words_are_offered_again(): void
    {
        $world = World::make();
        $attempts = [
            $world->handedIn(Pictures::jpeg(patch: 118)),
            $world->handedIn(Pictures::jpeg(patch: 118, mark: 2), $world->neighbour),
        ];
        $finding = $attempts[0]->frames->first()->findings()->where('rule_id', 'exposure.meter-fooled')->sole();
        $this->actingAs($world->instructor);
        $this->get(route('desk.show', $attempts[1]))->assertDontSee('In your words:');
        $this->put(route('findings.update', $finding), [
            'decision' => 'reworded',
            'wording' => 'White pots want a stop more.',
        ]);
        $this->post(route('notes.store', $attempts[0]->frames->first()), [
            'kind' => 'try',
            'body' => 'Turn the dial first.',
            'token' => (string) Str::uuid(),
        ]);
        $this->get(route('desk.show', $attempts[1]))
            ->assertSee('In your words: White pots want a stop more.')
            ->assertMarkup('<option>Turn the dial first.</option>');
        // Nobody else's words.
        $this->actingAs($world->critic)->get(route('desk.show', $attempts[1]))->assertDontSee('Turn the dial first.');
    }
}
