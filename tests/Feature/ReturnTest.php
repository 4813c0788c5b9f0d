<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\HandIn\AddPicture;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Decision;
use App\Models\FrameFinding;
use App\Models\Membership;
use App\Models\Note;
use App\Models\Role;
use App\Models\SavedPlan;
use App\Models\SilencedFinding;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;

/** The panel of critics, the return that the student reads and answers, and what a course does not want to hear. */
final class ReturnTest extends TestCase
{
    use RefreshDatabase;

    public function test_critics_notes_are_blind_until_they_are_given(): void
    {
        [$world, $attempt, $second] = $this->panel();
        $frame = $attempt->frames->first();
        $this->note($world->critic, $attempt, 'The left edge pulls.', 'composition');
        $this->note($second, $attempt, 'That bright edge pulls me out.', 'composition');

        foreach (
            [
                [$world->critic, 'The left edge pulls.', 'That bright edge'],
                [$second, 'That bright edge', 'The left edge pulls.'],
            ] as [$critic, $own, $others]
        ) {
            $this->actingAs($critic)
                ->get(route('desk.show', $attempt))
                ->assertSee($own)
                ->assertDontSee($others)
                ->assertSee('Others have written too');
        }
        $this->actingAs($world->instructor)->get(route('desk.show', $attempt))->assertDontSee('The left edge pulls.');

        $this->actingAs($world->critic)->post(route('notes.give', $attempt))->assertRedirect();
        $this->get(route('desk.show', $attempt))->assertDontSee('That bright edge');
        $this->actingAs($world->instructor)->get(route('desk.show', $attempt))->assertSee('The left edge pulls.');
        $this->actingAs($second)->post(route('notes.give', $attempt));
        $this->actingAs($world->critic)->get(route('desk.show', $attempt))->assertSee('That bright edge');
        $this->actingAs($world->student)->post(route('notes.give', $attempt))->assertForbidden();
        $this->assertSame(2, $frame->notes()->whereNotNull('given_at')->count());
    }

    public function test_the_return_says_once_what_several_agree_on_and_keeps_disagreement(): void
    {
        [$world, $attempt, $second] = $this->panel();
        $place = ['x' => '0', 'y' => '20', 'width' => '20', 'height' => '60'];
        $this->note($world->critic, $attempt, 'The left edge pulls.', 'composition', region: $place);
        $this->note(
            $second,
            $attempt,
            'That bright edge pulls me out.',
            'composition',
            region: ['x' => '2', ...$place],
        );
        $this->note($world->critic, $attempt, 'I like the dull light.', 'tone', 'keep');
        $this->note($second, $attempt, 'Too dull for me.', 'tone');
        foreach ([$world->critic, $second] as $critic) {
            $this->actingAs($critic)->post(route('notes.give', $attempt));
        }
        $this->note($world->critic, $attempt, 'Never handed over.', 'depth');
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt), ['summary' => 'See what they say.']);

        $page = $this->actingAs($world->student)->get(route('attempts.return', $attempt))->assertOk();
        $page
            ->assertSee('2 agree: Guy Crit, Elka Crit')
            ->assertSee('Here they do not agree:')
            ->assertSee('Too dull for me.')
            ->assertDontSee('Never handed over.');
        // The place is drawn on the picture.
        $page->assertMarkup('class="place-mark place-try" style="left: 0%; top: 20%');
    }

    public function test_a_return_begins_with_three_things_and_is_answered(): void
    {
        $world = World::make();
        $attempt = $world->handedIn(Pictures::jpeg(patch: 118));
        $this->note($world->instructor, $attempt, 'The row of pots.', null, 'keep');
        $this->note($world->instructor, $attempt, 'A stop more light.', 'exposure');
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt));
        $this->actingAs($world->student)
            ->get(route('attempts.return', $attempt))
            ->assertSeeTextInOrder([
                'The row of pots.',
                'A stop more light.',
                'The setting to change first',
            ]);

        $this->post(route('attempts.reply', $attempt), ['reply' => 'I will, tonight.'])->assertRedirect();
        $this->actingAs($world->instructor)
            ->get(route('attempts.return', $attempt))
            ->assertSee('I will, tonight.')
            ->assertDontSee('Send the answer');
        $this->post(route('attempts.reply', $attempt), ['reply' => 'Not mine to write.'])->assertForbidden();
        $this->actingAs($world->neighbour)
            ->post(route('attempts.reply', $attempt), ['reply' => 'Nor mine.'])
            ->assertForbidden();
        $this->assertSame('I will, tonight.', $attempt->fresh()->reply);
    }

    public function test_the_reshoot_is_planned_from_the_suggestion_and_held_against_it(): void
    {
        $world = World::make();
        $attempt = $world->handedIn(Pictures::jpeg(patch: 118));
        $this->actingAs($world->student)->post(route('attempts.reshoot', $attempt))->assertForbidden();
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt));

        $this->actingAs($world->student)
            ->post(route('attempts.reshoot', $attempt))
            ->assertRedirect(route('plans.edit', $world->setBrief));
        $plan = SavedPlan::query()->sole();
        $suggested = $attempt->frames->first()->chosenSuggestion();
        $this->assertSame(
            [2, 'earlier', 'white', (string) $suggested->exposure->settings],
            [$plan->number, $plan->input['way'], $plan->input['placement'], (string) $plan->chosen->exposure->settings],
        );
        $this->get(route('plans.edit', $world->setBrief))->assertOk()->assertSee('Settings that fit');
        // Asked for again, what was typed since stays.
        $plan->update(['input' => [...$plan->input, 'about' => 'Another pot.']]);
        $this->post(route('attempts.reshoot', $attempt));
        $this->assertSame('Another pot.', $plan->fresh()->input['about']);

        $frame = app(AddPicture::class)
            ->handle($world->setBrief, $world->student, Pictures::jpeg(patch: 176, mark: 4), 'again.jpg')
            ->frame->refresh();
        $this->assertSame(['Another pot.', 'white'], [$frame->about, $frame->placement_id]);
    }

    public function test_the_reshoot_begins_with_the_setting_that_the_return_names_first(): void
    {
        $world = World::make();
        $attempt = $world->handedIn(Pictures::jpeg(patch: 118));
        $good = $attempt->frames->first();
        $picture = $world->handedIn(Pictures::jpeg(patch: 176), $world->neighbour)->frames->first()->picture_id;
        $other = $good->replicate()->forceFill(['about' => 'The other pot.', 'picture_id' => $picture]);
        $other->save();
        $good->update(['suggestions' => []]);
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt));

        $this->actingAs($world->student)->post(route('attempts.reshoot', $attempt));
        $plan = SavedPlan::query()->sole();
        $this->assertSame(
            [(string) $other->id, 'The other pot.', (string) $other->chosenSuggestion()->exposure->settings],
            [$plan->input['earlier'], $plan->input['about'], (string) $plan->chosen?->exposure->settings],
        );
    }

    public function test_a_student_decides_whether_the_class_may_see(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $this->assertFalse($attempt->may_show);
        $this->actingAs($world->student)->put(route('attempts.may-show', $attempt), ['may_show' => '1']);
        $this->assertTrue($attempt->fresh()->may_show);
        $this->put(route('attempts.may-show', $attempt));
        $this->assertFalse($attempt->fresh()->may_show);
        $this->actingAs($world->instructor)
            ->put(route('attempts.may-show', $attempt), ['may_show' => '1'])
            ->assertForbidden();
    }

    public function test_a_kind_dismissed_twice_may_be_silenced_and_heard_again(): void
    {
        $world = World::make();
        $attempts = [
            $world->handedIn(Pictures::jpeg(patch: 118)),
            $world->handedIn(Pictures::jpeg(patch: 118, mark: 2), $world->neighbour),
        ];
        $findings = array_map(
            fn (Attempt $attempt): FrameFinding => $attempt->frames
                ->first()
                ->findings()
                ->where('rule_id', 'exposure.meter-fooled')
                ->sole(),
            $attempts,
        );
        $dismiss = fn (FrameFinding $finding) => $this->put(
            route('findings.update', $finding),
            ['decision' => 'dismissed'],
            ['HX-Request' => 'true'],
        );
        $this->actingAs($world->instructor);

        $dismiss($findings[0])->assertDontSee('Should it stay silent here?');
        $dismiss($findings[1])->assertSee('Should it stay silent here?');
        $this->post(route('silences.store', $world->course), ['rule' => 'exposure.meter-fooled'])->assertRedirect();
        $this->post(route('silences.store', $world->course), ['rule' => 'no.such-rule'])->assertSessionHasErrors(
            'rule',
        );

        // What is checked from now on no longer says it; what was said stays.
        Attempt::query()
            ->whereKey($attempts[0]->id)
            ->update(['state' => AttemptState::Returned]);
        $next = $world->prepared(Pictures::jpeg(patch: 118, mark: 3));
        $this->assertFalse(
            $next->findings()->where('rule_id', 'exposure.meter-fooled')->where('current', true)->exists(),
        );
        $this->assertSame(Decision::Dismissed, $findings[1]->fresh()->decision);
        $this->get(route('courses.settings', $world->course))->assertSee('Silent in this course');
        $this->delete(route('silences.destroy', $world->course), ['rule' => 'exposure.meter-fooled'])->assertRedirect();
        $this->assertSame(0, SilencedFinding::query()->count());
        $this->actingAs($world->critic)
            ->post(route('silences.store', $world->course), ['rule' => 'exposure.meter-fooled'])
            ->assertForbidden();
        $this->delete(route('silences.destroy', $world->course), ['rule' => 'x'])->assertForbidden();
    }

    /** @return array{World, Attempt, User} */
    private function panel(): array
    {
        $world = World::make();
        $second = User::query()->create([
            'name' => 'Elka Crit',
            'email' => 'elka.crit@kilnyard.example',
            'password' => 'a-long-password',
        ]);
        Membership::query()->create([
            'course_id' => $world->course->id,
            'user_id' => $second->id,
            'role' => Role::Critic,
        ]);

        return [$world, $world->handedIn(), $second];
    }

    /** @param  array<string, string>  $region */
    private function note(
        User $author,
        Attempt $attempt,
        string $body,
        ?string $topic,
        string $kind = 'try',
        array $region = [],
    ): void {
        $this->actingAs($author)
            ->post(route('notes.store', $attempt->frames->first()), [
                'kind' => $kind,
                'topic' => $topic,
                'region' => $region,
                'body' => $body,
                'token' => (string) Str::uuid(),
            ])
            ->assertSessionHasNoErrors();
        $this->assertTrue(Note::query()->where('body', $body)->exists());
    }
}
