<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Critique\KeepSummary;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Decision;
use App\Models\FrameFinding;
use App\Models\Role;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;

/** Two instructors, or two windows, on one attempt: no word of anybody's is written over. */
final class TwoWritersTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private User $second;

    private Attempt $attempt;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->second = World::make('TESTEEEE', 'other-')->instructor;
        $this->world->course->memberships()->create(['user_id' => $this->second->id, 'role' => Role::Instructor]);
        $this->attempt = Attempt::query()->create([
            'set_brief_id' => $this->world->setBrief->id,
            'user_id' => $this->world->student->id,
            'number' => 1,
            'state' => AttemptState::AtDesk,
            'handed_in_at' => now(),
        ]);
    }

    public function test_a_stale_text_is_refused_and_both_are_shown(): void
    {
        $this->save($this->world->instructor, 'Mine.', 0, 'a')
            ->assertOk()
            ->assertSee('Kept')
            ->assertSee('value="1"', false);
        $this->save($this->second, 'Hers.', 0, 'b')
            ->assertStatus(409)
            ->assertHeader('HX-Retarget', '#both-texts')
            ->assertSeeInOrder([$this->world->instructor->name, 'Mine.', 'You', 'Hers.']);
        $this->assertSame('Mine.', $this->attempt->refresh()->summary);

        // Who was shown both goes on from there.
        $this->save($this->second, "Mine.\n\nHers.", 1, 'b')->assertOk();
        $this->assertSame("Mine.\n\nHers.", $this->attempt->refresh()->summary);
        $this->save($this->world->instructor, 'Mine, longer.', 1, 'a')->assertStatus(409);
        // The same text needs no choice.
        $this->save($this->world->instructor, "Mine.\r\n\r\nHers. ", 1, 'a')->assertOk();
    }

    public function test_nobody_is_in_their_own_way_on_one_page_but_on_two(): void
    {
        $who = $this->world->instructor;
        $this->save($who, 'One', 0, 'a')->assertOk();
        $this->save($who, 'One two', 0, 'a')->assertOk();
        $this->save($who, 'One two three', 0, 'b')->assertStatus(409);
        $this->publish($who, 'One two three', 0, 'a')->assertSessionMissing('problem');
        $this->assertSame(
            ['One two three', AttemptState::Returned, 3, $who->id],
            [
                $this->attempt->refresh()->summary,
                $this->attempt->state,
                $this->attempt->published_revision,
                $this->attempt->published_by,
            ],
        );
    }

    public function test_a_stale_text_is_not_published(): void
    {
        $this->save($this->world->instructor, 'Mine.', 0, 'a')->assertOk();
        $this->publish($this->second, 'Hers.', 0, 'b')->assertSessionHas('problem');
        $this->assertSame(
            ['Mine.', AttemptState::AtDesk],
            [$this->attempt->refresh()->summary, $this->attempt->state],
        );
        $this->get(route('desk.show', $this->attempt))->assertSee('Hers.')->assertSee('Mine.');
    }

    public function test_who_publishes_later_is_told_and_keeps_the_text(): void
    {
        $this->publish($this->world->instructor, 'Mine.', 0, 'a')->assertSessionMissing('problem');
        $this->publish($this->second, 'Hers.', 0, 'b')->assertSessionHas(
            'problem',
            fn (string $said): bool => str_contains($said, $this->world->instructor->name.' published this')
                && str_contains($said, 'Your text did not go out'),
        );
        $this->assertSame('Mine.', $this->attempt->refresh()->summary);
        $this->get(route('desk.show', $this->attempt))->assertSee('Hers.')->assertSee('not published');
        // A second click of one's own is no news, and its student reads nothing of it.
        $this->publish($this->world->instructor, 'Mine.', 0, 'a')->assertSessionMissing('problem');
        $this->actingAs($this->world->student)
            ->get(route('attempts.return', $this->attempt))
            ->assertOk()
            ->assertDontSee('Hers.');
    }

    public function test_the_last_ten_versions_are_kept(): void
    {
        foreach (range(1, 12) as $time) {
            $this->save($this->world->instructor, 'Version '.$time.'.', $time - 1, 'page '.$time)->assertOk();
        }
        $this->assertSame(KeepSummary::KEPT, $this->attempt->summaryVersions()->count());
        $this->get(route('desk.show', $this->attempt))
            ->assertSee('Version 3.')
            ->assertDontSee('Version 2.')
            ->assertSee('Bring it');
        // What is typed on within five minutes on one page is one version, and a new one after that.
        $this->save($this->world->instructor, 'Version 12 and more.', 12, 'page 12')->assertOk();
        $this->assertSame('Version 12 and more.', $this->attempt->summaryVersions()->latest('id')->value('text'));
        $this->assertSame(1, $this->attempt->summaryVersions()->where('page', 'page 12')->count());
        $this->travel(6)->minutes();
        $this->save($this->world->instructor, 'Version 13.', 13, 'page 12')->assertOk();
        $this->assertSame(2, $this->attempt->summaryVersions()->where('page', 'page 12')->count());
    }

    public function test_a_finding_that_somebody_decided_on_meanwhile_is_not_decided_over(): void
    {
        $frame = $this->attempt->frames()->create([
            'picture_id' => \App\Models\Picture::query()->create([
                'hash' => str_repeat('a', 64),
                'bytes' => 1,
                'mime' => 'image/jpeg',
            ])->id,
            'original_name' => 'pot.jpg',
            'state' => 'judged',
        ]);
        $finding = FrameFinding::query()->create([
            'frame_id' => $frame->id,
            'rule_id' => 'tone.lost',
            'body' => new Finding('tone.lost', Topic::Tone, Severity::Fault, 'Lost.', [], ''),
        ]);
        $decide = fn (User $by, array $input): TestResponse => $this->actingAs($by)
            ->put(route('findings.update', $finding), $input, ['HX-Request' => 'true']);

        $first = ['decision' => 'reworded', 'wording' => 'Mine.', 'revision' => 0];
        $decide($this->world->instructor, $first)->assertOk();
        $decide($this->second, ['decision' => 'reworded', 'wording' => 'Hers.', 'revision' => 0])
            ->assertStatus(409)
            ->assertSee($this->world->instructor->name.' has decided on this meanwhile')
            ->assertSee('Mine.')
            ->assertSee('Hers.');
        $this->assertSame('Mine.', $finding->refresh()->wording);
        $decide($this->second, ['decision' => 'reworded', 'wording' => 'Mine.', 'revision' => 0])->assertOk();
        $decide($this->second, ['decision' => 'dismissed', 'revision' => 2])->assertOk();
        $this->assertSame(Decision::Dismissed, $finding->refresh()->decision);
    }

    private function save(User $by, string $text, int $revision, string $page): TestResponse
    {
        return $this->actingAs($by)->put(
            route('desk.update', $this->attempt),
            ['summary' => $text, 'revision' => $revision, 'page' => $page],
            ['HX-Request' => 'true'],
        );
    }

    private function publish(User $by, string $text, int $revision, string $page): TestResponse
    {
        session()->forget(['problem', 'done']);

        return $this->actingAs($by)->post(
            route('desk.publish', $this->attempt),
            ['summary' => $text, 'revision' => $revision, 'page' => $page],
        );
    }
}
