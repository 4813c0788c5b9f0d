<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Critique\DeskPresence;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Decision;
use App\Models\FrameFinding;
use App\Models\Role;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;

/** A return after it was published: corrected, answered, answered again; and two at one attempt. */
final class CorrectedReturnTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_return_is_corrected_marked_with_its_date_and_its_student_told(): void
    {
        [$world, $attempt] = $this->returned();
        $finding = FrameFinding::query()->orderBy('id')->firstOrFail();
        $decide = fn () => $this->actingAs($world->instructor)
            ->put(route('findings.update', $finding), ['decision' => 'reworded', 'wording' => 'Two stops too dark.']);
        $decide()->assertStatus(409);

        $this->post(route('desk.correct', $attempt))->assertRedirect(route('desk.show', $attempt));
        $this->get(route('desk.show', $attempt))->assertSee('Publish the correction');
        $decide()->assertRedirect();
        $this->assertSame(Decision::Reworded, $finding->fresh()->decision);
        $this->assertSame(AttemptState::Returned, $attempt->refresh()->state);
        $this->actingAs($world->student)
            ->get(route('attempts.return', $attempt))
            ->assertOk()
            ->assertSee('This return is being corrected.');
        $this->assertSame(0, $this->told($world->student));

        $this->travel(3)->days();
        $returnedAt = $attempt->returned_at;
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt), ['summary' => 'Better said.']);
        $attempt->refresh();
        $this->assertNull($attempt->correcting_since);
        $this->assertEquals($returnedAt, $attempt->returned_at);
        $this->assertTrue($attempt->corrected_at->isSameDay(now()));
        $this->assertSame(1, $this->told($world->student));
        $this->actingAs($world->student)
            ->get(route('attempts.return', $attempt))
            ->assertSee(', corrected ')
            ->assertSee('Two stops too dark.')
            ->assertSee('Better said.')
            ->assertDontSee('is being corrected');
        // Closed again.
        $this->actingAs($world->instructor)
            ->put(route('findings.update', $finding), ['decision' => 'dismissed'])
            ->assertStatus(409);
        $this->assertSame(Decision::Reworded, $finding->fresh()->decision);
    }

    public function test_only_what_was_published_is_corrected_and_only_by_whoever_teaches(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $this->actingAs($world->instructor)->post(route('desk.correct', $attempt))->assertSessionHas('problem');
        $this->assertNull($attempt->fresh()->correcting_since);
        $this->post(route('desk.publish', $attempt));
        foreach ([$world->student, $world->critic] as $other) {
            $this->actingAs($other)->post(route('desk.correct', $attempt))->assertForbidden();
        }
        // A guest critic adds nothing to a correction.
        $this->actingAs($world->instructor)->post(route('desk.correct', $attempt));
        $this->actingAs($world->critic)->get(route('desk.show', $attempt))->assertOk()->assertDontSee('Add the note');
    }

    public function test_an_answer_is_marked_until_it_is_answered(): void
    {
        [$world, $attempt] = $this->returned();
        $this->actingAs($world->student)->post(route('attempts.reply', $attempt), ['reply' => 'Why not brighter?']);
        $this->actingAs($world->instructor)
            ->get(route('courses.desk', $world->course))
            ->assertSee('Answers to your returns')
            ->assertSee('answered');
        $this->post(route('attempts.answer', $attempt), ['answer' => 'The bottle would be lost.'])->assertRedirect();
        $this->get(route('courses.desk', $world->course))->assertDontSee('Answers to your returns');
        $this->actingAs($world->student)
            ->get(route('attempts.return', $attempt))
            ->assertSee('Ina Structor to your answer')
            ->assertSee('The bottle would be lost.');
        $this->assertSame(1, $world->student->notifications()->where('data->kind', 'answer-read')->count());

        // A second word of the student's waits again.
        $this->travel(1)->hours();
        $this->post(route('attempts.reply', $attempt), ['reply' => 'I see. Half a stop, then?']);
        $this->actingAs($world->instructor)
            ->get(route('courses.desk', $world->course))
            ->assertSee('Answers to your returns');
        foreach ([$world->student, $world->critic, $world->neighbour] as $other) {
            $this->actingAs($other)->post(route('attempts.answer', $attempt), ['answer' => 'Not mine.'])
                ->assertForbidden();
        }
    }

    public function test_two_at_one_attempt_see_each_other_and_are_forgotten_when_they_have_gone(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $second = User::query()->create(['name' => 'Sec Ond', 'email' => 's@kilnyard.example', 'password' => 'x']);
        $world->course->memberships()->create(['user_id' => $second->id, 'role' => Role::Instructor]);
        $here = fn (User $who) => $this->actingAs($who)->post(route('desk.here', $attempt))->assertOk();
        $here($world->instructor)->assertDontSee('at this attempt');
        $here($second)->assertSee('Ina Structor is at this attempt as well.');
        $here($world->instructor)->assertSee('Sec Ond is at this attempt as well.');
        $here($world->critic)->assertSee('Ina Structor and Sec Ond are at this attempt as well.');
        $this->travel(DeskPresence::GONE + 1)->seconds();
        $here($second)->assertDontSee('at this attempt');
        $this->actingAs($world->student)->post(route('desk.here', $attempt))->assertForbidden();
    }

    public function test_a_student_is_asked_once_whether_the_class_may_see_and_chooses_what_is_offered(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $this->actingAs($world->student)
            ->get(route('frames.edit', $frame))
            ->assertSee('Your choice is offered again next time')
            ->assertDontSee('name="may_show" value="1" checked', false);
        $this->post(route('attempts.hand-in', $frame->attempt), ['asks_to_show' => '1', 'may_show' => '1']);
        $this->assertTrue($frame->attempt->fresh()->may_show);
        $this->assertTrue($world->student->fresh()->shows_frames);

        $this->actingAs($world->instructor)->post(route('desk.publish', $frame->attempt));
        $next = $world->prepared(Pictures::jpeg(mark: 4));
        $this->actingAs($world->student->fresh())
            ->get(route('frames.edit', $next))
            ->assertDontSee('Your choice is offered again next time')
            ->assertMarkup('name="may_show" value="1" checked');
        // This once not: what is offered stays.
        $this->post(route('attempts.hand-in', $next->attempt), ['asks_to_show' => '1']);
        $this->assertFalse($next->attempt->fresh()->may_show);
        $this->assertTrue($world->student->fresh()->shows_frames);
        $this->put(route('account.update'), ['name' => 'Stu Dent']);
        $this->assertFalse($world->student->fresh()->shows_frames);
    }

    /** @return array{World, Attempt} */
    private function returned(): array
    {
        $world = World::make();
        $attempt = $world->handedIn(Pictures::jpeg(patch: 118));
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt), ['summary' => 'A first word.']);

        return [$world, $attempt->refresh()];
    }

    private function told(User $student): int
    {
        return $student->notifications()->where('data->kind', 'corrected')->count();
    }
}
