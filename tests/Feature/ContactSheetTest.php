<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefLibrary;
use App\Courses\ContactSheet;
use App\Courses\CourseBoard;
use App\Courses\DeskQueue;
use App\Models\AttemptState;
use App\Models\Decision;
use App\Models\Frame;
use App\Models\FrameFinding;
use App\Models\Note;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\World;
use Tests\TestCase;

/** All that waits of one brief on one sheet: in groups, and told something at once. */
final class ContactSheetTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private Frame $dark;

    private Frame $bright;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->dark = $this->world->handedIn()->frames->firstOrFail();
        $this->bright = $this->world->handedIn(student: $this->world->neighbour)->frames->firstOrFail();
        $this->place($this->dark, -1.5, 'missed');
        $this->place($this->bright, 0.5, 'close');
    }

    public function test_the_desk_opens_as_the_sheet_of_the_brief_that_waits_in_groups_that_add_up(): void
    {
        $this->actingAs($this->world->critic)
            ->get(route('courses.desk', $this->world->course))
            ->assertRedirect(route('desk.sheet', $this->world->setBrief));
        $this->get(route('desk.sheet', ['setBrief' => $this->world->setBrief, 'check' => $this->check()]))
            ->assertOk()
            ->assertSeeInOrder(['Too dark', 'Stu Dent', '−1½ stops', 'Too bright', 'Nell Bour', '+½ stop']);
        foreach ($this->sheet()->checks() as $check => $sentence) {
            $frames = array_merge(...array_column($this->sheet()->byCheck($check), 'frames'));
            $this->assertEqualsCanonicalizing([$this->dark->id, $this->bright->id], array_column($frames, 'id'));
        }
        $this->assertSame(['Nell Bour', 'Stu Dent'], array_column($this->sheet()->byStudent(), 'title'));
        $this->place($this->bright, -0.5, 'missed');
        $this->assertSame(['Too dark'], array_column($this->sheet()->byCheck($this->check()), 'title'));
        $this->place($this->bright, 0.1, 'met');
        $this->assertSame(['Too dark', 'Met'], array_column($this->sheet()->byCheck($this->check()), 'title'));
    }

    public function test_one_sentence_to_several_holds_the_number_of_each_and_is_taken_back_as_one(): void
    {
        $batch = (string) Str::uuid();
        $said = fn (): TestResponse => $this->say($this->world->instructor, [
            'remark' => 'The wall fooled the meter by [their own stops].', 'batch' => $batch,
        ]);
        $said()->assertRedirect()->assertSessionHas('said', $batch);
        $said();
        $this->assertSame(
            ['The wall fooled the meter by 1½ stops.', 'The wall fooled the meter by ½ stop.'],
            Note::query()->orderBy('frame_id')->pluck('body')->all(),
        );
        $this->assertSame(['exposure'], Note::query()->distinct()->pluck('topic')->map->value->all());
        $this->assertSame(AttemptState::Waiting, $this->dark->attempt->refresh()->state, 'nothing is published by it');
        // Nobody else takes it back.
        $this->actingAs($this->world->critic)->delete(route('desk.unsay', [$this->world->setBrief, $batch]));
        $this->assertSame(2, Note::query()->count());
        $this->actingAs($this->world->instructor)
            ->delete(route('desk.unsay', [$this->world->setBrief, $batch]))
            ->assertSessionHas('done', 'Taken back.');
        $this->assertSame(0, Note::query()->count());
    }

    public function test_in_place_of_a_finding_it_is_not_said_twice(): void
    {
        FrameFinding::query()
            ->where('frame_id', $this->dark->id)
            ->delete();
        FrameFinding::query()
            ->where('frame_id', $this->bright->id)
            ->limit(1)
            ->update(['frame_id' => $this->dark->id, 'rule_id' => 'brief.'.$this->check()]);
        FrameFinding::query()->where('frame_id', $this->bright->id)->delete();
        $batch = (string) Str::uuid();
        $this->say($this->world->instructor, [
            'kind' => 'finding', 'remark' => 'It lies [their own value] off.', 'batch' => $batch,
        ]);
        $this->assertSame(
            ['It lies −1½ stops off.'],
            $this->dark->findings()->where('decision', Decision::Reworded)->pluck('wording')->all(),
        );
        // Where nothing was found it is a note.
        $this->assertSame(['It lies +½ stop off.'], $this->bright->notes()->pluck('body')->all());
        $this->assertSame(0, $this->dark->notes()->count());
        $this->delete(route('desk.unsay', [$this->world->setBrief, $batch]))->assertSessionHas('done', 'Taken back.');
        $this->assertSame([Decision::Open], $this->dark->findings()->pluck('decision')->all());
        $this->assertSame(0, $this->bright->notes()->count());
    }

    public function test_what_was_decided_keeps_its_decision_and_a_second_sending_says_nothing_more(): void
    {
        FrameFinding::query()->where('frame_id', $this->dark->id)->limit(1)->update([
            'rule_id' => 'brief.'.$this->check(), 'decision' => Decision::Dismissed, 'wording' => 'Mine.',
        ]);
        $more = ['kind' => 'finding', 'frames' => [$this->dark->id], 'batch' => (string) Str::uuid()];
        $finding = fn (): ?FrameFinding => $this->dark->findings()->where('rule_id', 'brief.'.$this->check())->first();
        FrameFinding::query()->where('frame_id', $this->dark->id)->whereNot('id', $finding()?->id)->delete();
        $this->say($this->world->instructor, $more);
        $this->assertSame([Decision::Dismissed, 'Mine.'], [$finding()?->decision, $finding()?->wording]);
        $this->assertSame(1, Note::query()->count());
        $finding()?->update(['decision' => Decision::Open]);
        $again = [...$more, 'batch' => (string) Str::uuid()];
        $this->say($this->world->instructor, $again);
        $this->say($this->world->instructor, $again);
        $this->assertSame(1, Note::query()->count(), 'the second sending adds no note');
        $this->assertSame('Give it more light.', $finding()?->wording);
        $this->delete(route('desk.unsay', [$this->world->setBrief, $again['batch']]));
        $this->assertSame([Decision::Open, 'Mine.'], [$finding()?->decision, $finding()?->wording]);
    }

    public function test_the_desk_goes_on_with_the_brief_that_one_is_at(): void
    {
        $other = $this->world->course->setBriefs()->create([
            'brief_id' => 'steady-hands', 'brief' => app(BriefLibrary::class)->data('steady-hands'),
        ]);
        $first = $this->another(3)->fresh()->attempt;
        $first->update(['set_brief_id' => $other->id, 'handed_in_at' => now()->subDay()]);
        $queue = fn (?int $at): array => DeskQueue::of($this->world->course)->attempts($at)->all();
        $own = [$this->dark->attempt_id, $this->bright->attempt_id];
        $this->assertSame([$first->id, ...$own], $queue(null));
        $this->assertSame([...$own, $first->id], $queue($this->world->setBrief->id));
        $this->actingAs($this->world->instructor)
            ->post(route('desk.publish', $this->dark->attempt))
            ->assertRedirect(route('desk.show', $this->bright->attempt_id));
    }

    public function test_what_cannot_be_said_says_why_and_keeps_the_sentence(): void
    {
        $this->place($this->bright, null, 'unknown');
        $this->say($this->world->instructor, ['remark' => 'By [their own stops].'])
            ->assertSessionHasErrors(['remark' => 'There is no such number for Nell Bour. Untick that frame, or take '.
                'the number out of the sentence.'])
            ->assertSessionHasInput('remark', 'By [their own stops].');
        $this->say($this->world->instructor, ['frames' => []])->assertSessionHasErrors('frames');
        // A guest has notes of their own, and decides on nothing.
        $this->say($this->world->critic, ['kind' => 'finding'])->assertSessionHasErrors('kind');
        $this->say($this->world->critic, ['kind' => 'keep'])->assertSessionHasNoErrors();
        $this->assertSame([null, null], Note::query()->pluck('given_at')->all());
        // What has gone out meanwhile is named.
        $this->dark->attempt->update(['state' => AttemptState::Returned, 'returned_at' => now()]);
        $this->say($this->world->instructor, ['remark' => 'Too late.'])
            ->assertSessionHas('done', 'Said on 1 frame. It goes out with each return. Not to Stu Dent: that return '.
                'had gone out meanwhile.');
        $foreign = World::make('TESTFFFF', 'foreign-');
        $this->say($this->world->instructor, ['frames' => [$foreign->prepared()->id]])
            ->assertSessionHasErrors('frames');
    }

    public function test_what_was_said_three_times_is_offered_to_all_others_who_have_it(): void
    {
        $body = $this->dark->findings->firstOrFail()->body;
        $finding = fn (array $more): FrameFinding => FrameFinding::query()->create([
            'frame_id' => $this->dark->id, 'rule_id' => 'x', 'current' => true, 'body' => $body, ...$more,
        ]);
        FrameFinding::query()->delete();
        $said = ['decision' => Decision::Reworded, 'decided_by' => $this->world->instructor->id, 'wording' => 'Count.'];
        $frames = [$this->dark, $this->bright, $this->another(1), $this->another(2)];
        foreach (array_slice($frames, 0, 2) as $frame) {
            $finding(['frame_id' => $frame->id, ...$said]);
        }
        $open = $finding(['frame_id' => $frames[3]->id, 'decision' => Decision::Open]);
        $sheet = fn () => $this->actingAs($this->world->instructor)->get(route('desk.sheet', $this->world->setBrief));
        $sheet()->assertDontSee('You have said this');
        $this->post(route('desk.repeat', $this->world->setBrief), ['rule' => 'x', 'wording' => 'Count.'])
            ->assertSessionHas('problem');
        $finding(['frame_id' => $frames[2]->id, ...$said]);
        $sheet()->assertSee('You have said this 3 times: “Count.”')->assertSee('Say it to the');
        $this->post(route('desk.repeat', $this->world->setBrief), ['rule' => 'x', 'wording' => 'Count.'])
            ->assertSessionHas('said');
        $this->assertSame([Decision::Reworded, 'Count.'], [$open->refresh()->decision, $open->wording]);
        $sheet()->assertDontSee('You have said this');
    }

    public function test_two_frames_stand_beside_each_other(): void
    {
        $this->actingAs($this->world->critic)
            ->get(route('frames.compare', [$this->dark, $this->bright]))
            ->assertOk()
            ->assertSeeInOrder(['Stu Dent', 'Nell Bour', 'same settings', 'Lost: A', 'missed', 'close', 'alike']);
        $this->actingAs($this->world->student)
            ->get(route('frames.compare', [$this->dark, $this->bright]))
            ->assertForbidden();
        $this->get(route('frames.compare', [$this->dark, $this->dark]))->assertOk();
    }

    private function another(int $number): Frame
    {
        $attempt = $this->dark->attempt->replicate(['id'])->fill(['number' => 1 + $number]);
        $attempt->save();
        $frame = $this->dark->replicate(['id', 'notes_count'])->fill(['attempt_id' => $attempt->id]);
        $frame->save();

        return $frame;
    }

    /** @param  array<string, mixed>  $changes */
    private function say(User $user, array $changes): TestResponse
    {
        return $this->actingAs($user)->from('/desk')->post(route('desk.say', $this->world->setBrief), [
            'frames' => [$this->dark->id, $this->bright->id],
            'remark' => 'Give it more light.',
            'kind' => 'try',
            'check' => $this->check(),
            'batch' => (string) Str::uuid(),
            ...$changes,
        ]);
    }

    private function place(Frame $frame, ?float $value, string $verdict): void
    {
        $frame->update(['checks' => array_map(
            fn (array $check): array => $check['id'] === $this->check()
                ? [...$check, 'value' => $value, 'verdict' => $verdict]
                : $check,
            $frame->checks ?? [],
        )]);
    }

    /** The check on the subject's place. */
    private function check(): string
    {
        foreach ($this->world->setBrief->content()->checks as $check) {
            if ($check->measure->id === 'subject.placementError') {
                return $check->id;
            }
        }
        $this->fail('the brief asks for a place');
    }

    private function sheet(): ContactSheet
    {
        return ContactSheet::of(
            $this->world->setBrief->refresh(),
            CourseBoard::of($this->world->course)->briefs()[0],
            $this->world->instructor,
        );
    }
}
