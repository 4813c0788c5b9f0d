<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefLibrary;
use App\HandIn\SubmitAttempt;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\FrameState;
use App\Models\SetBrief;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Composition\WayOut;

/** Several frames of one subject: what disturbs is named, what was tried is kept, and the best is chosen. */
#[Group('long')]
final class SceneWorkTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private SetBrief $setBrief;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->setBrief = $this->world->course->setBriefs()->create([
            'brief_id' => 'work-the-scene',
            'brief' => app(BriefLibrary::class)->data('work-the-scene'),
        ]);
        $this->actingAs($this->world->student);
    }

    public function test_a_distraction_is_named_and_what_was_tried_is_kept(): void
    {
        $frame = $this->world->prepared();
        $this->put(route('frames.update', $frame), World::form(['marks' => [
            ['kind' => 'distraction', 'points' => '90,10', 'what' => 'pole', 'tried' => ['aside', 'nearer']],
            ['kind' => 'near', 'points' => '0,80 100,100'],
            ['kind' => 'far', 'points' => '0,0 100,20'],
        ]]))->assertSessionHasNoErrors();
        $frame->refresh();
        $this->assertSame([WayOut::Aside, WayOut::Nearer], $frame->marks[0]->tried ?? null);
        $said = fn (string $rule): string => $frame->findings()->where('rule_id', $rule)->sole()->sentence();
        $this->assertStringContainsString(
            'what is left against the pole: further back',
            $said('composition.distractions'),
        );
        $this->assertStringContainsString('The near layer takes 20 % of the frame', $said('composition.layers'));
        $this->get(route('frames.edit', $frame))
            ->assertMarkup('value="nearer" checked')
            ->assertMarkup('<option value="pole" selected');
    }

    public function test_the_best_is_chosen_with_a_reason_and_seen_by_whoever_critiques(): void
    {
        $attempt = $this->attempt(3);
        [$first, $second] = $attempt->frames->all();
        $check = fn (): string => collect($attempt->frames()->get()->last()->checks)
            ->firstWhere('id', 'best')['verdict'];
        $this->assertSame('missed', $check());
        $this->get(route('attempts.show', $attempt))->assertSeeText('Which is the one?');
        $this->post(route('attempts.best', $attempt), ['reason' => 'x'])->assertSessionHasErrors('frame');
        $this->post(route('attempts.best', $attempt), [
            'frame' => $second->id, 'reason' => 'The rim has light.', 'hang' => 'yes',
        ])->assertRedirect(route('attempts.show', $attempt));
        // What is said of the row is said anew.
        $this->assertSame('met', $check());
        $this->assertSame([$second->id, true], [$attempt->refresh()->favourite_frame_id, $attempt->would_hang]);
        // A frame of somebody else's is none of them.
        $foreign = $this->world->prepared(student: $this->world->neighbour);
        $this->post(route('attempts.best', $attempt), ['frame' => $foreign->id])->assertSessionHasErrors('frame');

        app(SubmitAttempt::class)->handle($attempt->refresh());
        $this->post(route('attempts.best', $attempt), ['frame' => $first->id])->assertSessionHas('problem');
        $this->actingAs($this->world->instructor)
            ->get(route('desk.show', $attempt))
            ->assertSeeText('Chosen as the best: '.$second->original_name)
            ->assertSeeText('The rim has light.')
            ->assertSeeText('Would hang it on a wall.');
        $attempt->forceFill(['state' => AttemptState::Returned, 'returned_at' => now()])->save();
        $this->actingAs($this->world->student)
            ->get(route('attempts.return', $attempt))
            ->assertSeeText('Chosen as the best');
    }

    public function test_what_changed_between_the_frames_is_told_with_the_last(): void
    {
        $attempt = $this->attempt(2);
        $last = $attempt->frames()->get()->last();
        $changes = collect($last->checks)->firstWhere('id', 'changes');
        $this->assertSame('missed', $changes['verdict']);
        $this->assertTrue($last->findings()->where('rule_id', 'series.scene-worked')->where('current', true)->exists());
        // A single frame asks for no choice.
        $single = $this->world->prepared();
        $this->get(route('attempts.show', $single->attempt))->assertDontSeeText('Which is the one?');
    }

    /** An attempt of so many frames, all of them marked and judged. */
    private function attempt(int $frames): Attempt
    {
        for ($number = 0; $number < $frames; $number++) {
            $this->post(route('frames.store', $this->setBrief), ['pictures' => [
                World::upload(Pictures::jpeg(patch: 100 + 30 * $number, mark: $number), "view-$number.jpg"),
            ]]);
        }
        $attempt = Attempt::query()->where('set_brief_id', $this->setBrief->id)->sole();
        foreach ($attempt->frames as $frame) {
            $form = World::form();
            unset($form['placement_id']);
            $this->put(route('frames.update', $frame), $form)->assertSessionHasNoErrors();
            $this->assertSame(FrameState::Judged, $frame->refresh()->state);
        }

        return $attempt->refresh();
    }
}
