<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Critique\FrameSituation;
use App\Critique\MeasureAndJudge;
use App\HandIn\AddPicture;
use App\HandIn\PreparedFrame;
use App\HandIn\PrepareFrame;
use App\Models\AttemptState;
use App\Models\AttemptStep;
use App\Models\Frame;
use App\Models\FrameState;
use App\Models\Note;
use App\Models\Role;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Composition\Region;

/** Who reads and changes a critique and when, and what a queued judgement may still change. */
final class CritiqueRulesTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_note_is_taken_back_until_the_critique_is_published(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $frame = $attempt->frames->first();
        [$first, $second] = [$this->note($world->instructor, $frame), $this->note($world->instructor, $frame)];

        $this->actingAs($world->instructor)->delete(route('notes.destroy', $first))->assertRedirect();
        $this->assertModelMissing($first);
        $this->post(route('desk.publish', $attempt), ['summary' => 'Well seen.'])->assertRedirect();
        $answer = $this->delete(route('notes.destroy', $second));
        $this->assertContains($answer->getStatusCode(), [403, 409]);
        $this->assertModelExists($second);
    }

    public function test_a_habit_is_told_once_a_course(): void
    {
        $world = World::make();
        $silently = function (User $student, int $mark) use ($world): bool {
            $frame = app(AddPicture::class)
                ->handle($world->setBrief, $student, Pictures::jpeg(mark: $mark), 'pot.jpg')
                ->frame->refresh();
            app(PrepareFrame::class)->handle(
                $frame,
                new PreparedFrame(subject: Region::parse(Pictures::SUBJECT), placementId: 'white', reason: ''),
            );
            $frame->attempt->update(['state' => AttemptState::Returned]);

            return $frame->findings()->where('rule_id', 'composition.no-reason')->exists();
        };

        $this->assertSame([true, false], [$silently($world->student, 1), $silently($world->student, 2)]);
        $this->assertTrue($silently($world->neighbour, 3), 'another student hears it once as well');
    }

    public function test_only_whoever_wrote_a_note_takes_it_back(): void
    {
        $world = World::make();
        $note = $this->note($world->critic, $world->handedIn()->frames->first());

        $this->actingAs($world->instructor)->delete(route('notes.destroy', $note))->assertForbidden();
        $this->actingAs($world->student)->delete(route('notes.destroy', $note))->assertForbidden();
        $this->assertModelExists($note);
    }

    public function test_a_blind_critic_reads_another_s_notes_after_giving_their_own(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $frame = $attempt->frames->first();
        $second = User::query()->create([
            'name' => 'Second Crit',
            'email' => 'second@kilnyard.example',
            'password' => 'a-long-password',
        ]);
        $world->course->memberships()->create(['user_id' => $second->id, 'role' => Role::Critic]);
        $this->note($world->critic, $frame, 'The light is flat.');
        $this->actingAs($world->critic)->post(route('notes.give', $attempt))->assertRedirect();

        $desk = route('desk.show', $attempt);
        $this->actingAs($second)->get($desk)->assertOk()->assertDontSee('The light is flat.');
        $this->note($second, $frame, 'The line leads out.');
        $this->actingAs($second)->get($desk)->assertDontSee('The light is flat.')->assertSee('The line leads out.');
        $this->actingAs($world->critic)->get($desk)->assertDontSee('The line leads out.');
        $this->actingAs($second)->post(route('notes.give', $attempt))->assertRedirect();
        $this->get($desk)->assertSee('The light is flat.')->assertSee('The line leads out.');
        $this->actingAs($world->instructor)->get($desk)->assertSee('The light is flat.');
    }

    public function test_an_outing_lasts_twelve_hours(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $earlier = fn (int $minutes): array => $this->takenBefore($world, $frame, $minutes);

        $this->assertCount(1, $earlier(12 * 60));
        $this->assertCount(0, $earlier(12 * 60 + 1));
        $this->assertCount(1, $earlier(1));
        $this->assertCount(0, $earlier(0), 'itself and what was taken at the same time come not before it');
        $this->assertCount(0, $earlier(-1), 'what comes after');
    }

    public function test_a_judgement_asked_for_before_the_marks_changed_changes_nothing(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $frame->update(['revision' => 5, 'state' => FrameState::Judging]);
        $judge = app(MeasureAndJudge::class);

        $judge->handle($frame->id, 4);
        $judge->giveUp($frame->id, 4);
        $this->assertSame([FrameState::Judging, null], [$frame->fresh()->state, $frame->fresh()->problem]);
        $judge->giveUp($frame->id, 5);
        $this->assertSame(FrameState::Ready, $frame->fresh()->state);
        $judge->handle($frame->id, 5);
        $this->assertSame(FrameState::Judged, $frame->fresh()->state);
    }

    public function test_marks_that_change_while_a_frame_is_measured_win(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $measures = $frame->measures;
        $this->assertNotNull($measures);
        $frame->update(['state' => FrameState::Judging, 'revision' => 2]);
        $stale = Frame::query()->with('attempt.setBrief.course')->find($frame->id);
        DB::table('frames')->where('id', $frame->id)->update(['revision' => 3]);

        app(\App\Critique\FrameJudge::class)->judge($stale, $measures, 2);
        $this->assertSame(FrameState::Judging, $frame->fresh()->state);
    }

    public function test_a_stored_value_that_is_newer_than_the_program_counts_as_unknown(): void
    {
        $world = World::make();
        $frame = $world->handedIn()->frames->first();
        DB::table('frames')->where('id', $frame->id)->update([
            'measures' => json_encode(['storedVersion' => 99, 'data' => ['anything' => true]]),
            'marks' => json_encode(['storedVersion' => 1, 'data' => [['kind' => 'no-such-mark', 'points' => []]]]),
        ]);

        $this->assertNull($frame->fresh()->measures);
        $this->actingAs($world->student)->get(route('frames.edit', $frame))->assertOk();
        $this->actingAs($world->instructor)->get(route('desk.show', $frame->attempt))->assertOk();
    }

    public function test_a_stored_value_is_written_with_its_version(): void
    {
        $frame = World::make()->prepared();
        $frame->update(['subject' => Region::of(0.1, 0.2, 0.3, 0.4)]);

        $stored = json_decode((string) DB::table('frames')->where('id', $frame->id)->value('subject'), true);
        $this->assertSame(
            ['storedVersion' => 1, 'data' => ['x' => 0.1, 'y' => 0.2, 'width' => 0.3, 'height' => 0.4]],
            $stored,
        );
        $this->assertEquals(Region::of(0.1, 0.2, 0.3, 0.4), $frame->fresh()->subject);
    }

    public function test_the_transition_table(): void
    {
        $steps = [
            'draft' => ['Prepare' => 'draft', 'HandIn' => 'waiting'],
            'waiting' => [
                'TakeBack' => 'draft',
                'Open' => 'at-desk',
                'SeeAtDesk' => 'waiting',
                'Critique' => 'waiting',
                'Publish' => 'returned',
            ],
            'at-desk' => ['SeeAtDesk' => 'at-desk', 'Critique' => 'at-desk', 'Publish' => 'returned'],
            'returned' => [
                'SeeAtDesk' => 'returned',
                'ReadReturn' => 'returned',
                'Answer' => 'returned',
                'Recall' => 'at-desk',
                'Correct' => 'returned',
            ],
        ];
        foreach (AttemptState::cases() as $state) {
            foreach (AttemptStep::cases() as $step) {
                $to = $steps[$state->value][$step->name] ?? null;
                $this->assertSame($to, $state->after($step)?->value, "$state->value, $step->name");
                $this->assertSame($to !== null, $state->allows($step));
            }
        }
    }

    private function note(User $author, Frame $frame, string $words = 'Look at the corner.'): Note
    {
        $token = (string) Str::uuid();
        $this->actingAs($author)
            ->post(route('notes.store', $frame), ['kind' => 'try', 'body' => $words, 'token' => $token])
            ->assertRedirect();

        return Note::query()->latest('id')->firstOrFail();
    }

    /** @return list<mixed> what counts as taken earlier on the same outing when another frame is that much older */
    private function takenBefore(World $world, Frame $frame, int $minutes): array
    {
        $taken = new \DateTimeImmutable('2026-10-03 20:00:00');
        $at = fn (int $before): array => [
            'EXIF:DateTimeOriginal' => $taken->modify("-$before minutes")->format('Y:m:d H:i:s'),
            'DateTimeOriginal' => $taken->modify("-$before minutes")->format('Y:m:d H:i:s'),
        ];
        $other = Frame::query()->whereKeyNot($frame->id)->first();
        if ($other === null) {
            $attempt = $frame->attempt->replicate();
            $attempt->number = 2;
            $attempt->save();
            $other = $frame->replicate();
            $other->attempt_id = $attempt->id;
        }
        $other->tags = [...(array) $frame->tags, ...$at($minutes)];
        $other->save();
        $frame->tags = [...(array) $frame->tags, ...$at(0)];
        $frame->save();
        $situation = app(FrameSituation::class)->asMeasured($frame->fresh());
        $this->assertNotNull($situation);

        return $situation->earlier;
    }
}
