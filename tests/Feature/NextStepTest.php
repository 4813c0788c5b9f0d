<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefLibrary;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\View\Presenters\NextStep;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;

/** A student's page begins with what to do now: always one thing, with a picture. */
final class NextStepTest extends TestCase
{
    use RefreshDatabase;

    public function test_from_the_camera_to_the_reshoot_there_is_always_one_thing_to_do(): void
    {
        $world = World::make();
        $this->assertNext($world, 'Set up your camera', 'Go through the list');
        $world->student->update(['first_settings' => ['raw']]);
        $this->assertNext($world, 'The meter is fooled', 'Begin');

        // What is due first comes first, whatever was set first; what is hidden or still to come, never.
        $set = fn (string $id, array $dates) => $world->course->setBriefs()->create([
            'brief_id' => $id,
            'brief' => app(BriefLibrary::class)->data($id),
            ...$dates,
        ]);
        $set('same-light-three-ways', ['due_at' => now()->addHour(), 'is_hidden' => true]);
        $set('read-the-histogram', ['opens_at' => now()->addHour(), 'due_at' => now()->addHours(2)]);
        $set('night-ladder', ['due_at' => now()->addDays(2)]);
        $this->assertNext($world, 'Night ladder', 'Begin');

        $frame = $world->prepared();
        $this->assertNext($world, 'The meter is fooled', 'Go on with it');
        $this->actingAs($world->student)->post(route('attempts.hand-in', $frame->attempt));
        $this->assertNext($world, 'Night ladder', 'Begin');

        $this->actingAs($world->instructor)->post(route('desk.publish', $frame->attempt));
        $page = $this->assertNext($world, 'The meter is fooled', 'Read the return');
        $page->assertMarkup('<b class="tag">new</b>');
        // Read, it is new no more.
        $this->post(route('notices.seen'), ['path' => '/attempts/'.$frame->attempt_id.'/return'])->assertNoContent();
        $this->assertNext($world, 'Night ladder', 'Begin')->assertDontSee('<b class="tag">new</b>', false);
        $this->assertSame(0, $world->student->unreadNotifications()->count());

        Attempt::query()->create([
            'set_brief_id' => $world->course->setBriefs()->where('brief_id', 'night-ladder')->sole()->id,
            'user_id' => $world->student->id,
            'number' => 1,
            'state' => AttemptState::Waiting,
            'handed_in_at' => now(),
        ]);
        $this->assertNext($world, 'The meter is fooled', 'Plan the reshoot');
        $world->course->update(['archived_at' => now()]);
        $this->assertNext($world, 'Practise', 'To the drills');
    }

    public function test_a_notice_is_read_with_its_page_and_nobody_else_s_is(): void
    {
        $world = World::make();
        foreach ([$world->student, $world->neighbour] as $mark => $student) {
            $attempt = $world->handedIn(Pictures::jpeg(mark: $mark + 1), $student);
            $this->actingAs($world->instructor)->post(route('desk.publish', $attempt));
        }
        $path = (string) $world->neighbour->unreadNotifications()->sole()->data['path'];
        $this->actingAs($world->student)->post(route('notices.seen'), ['path' => $path])->assertNoContent();
        $this->assertSame(1, $world->neighbour->unreadNotifications()->count());
        $this->assertSame(1, $world->student->unreadNotifications()->count());
        $this->post(route('notices.seen'))->assertSessionHasErrors('path');
    }

    private function assertNext(World $world, string $title, string $label): \Illuminate\Testing\TestResponse
    {
        $page = $this->actingAs($world->student->fresh())->get(route('courses.show', $world->course))->assertOk();
        $next = $page->viewData('next');
        $this->assertInstanceOf(NextStep::class, $next);
        $this->assertSame([$title, $label], [$next->title, $next->label]);
        $this->assertNotNull($next->picture);

        return $page;
    }
}
