<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Input\IntentInput;
use App\Models\AttemptState;
use App\Models\Frame;
use DateTimeImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;

/** What a picture was meant to show: asked for while it is prepared, judged, and drawn at the desk. */
final class IntentAtDeskTest extends TestCase
{
    use RefreshDatabase;

    public function test_distances_and_movement_are_asked_for_kept_and_judged(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $intent = [
            'subject' => '3',
            'near' => '1,5 m',
            'far' => '∞',
            'want' => 'freeze',
            'speed' => '1.4',
            'foliage' => '1',
        ];

        $this->actingAs($world->student)
            ->get(route('frames.edit', $frame))
            ->assertOk()
            ->assertSee('What was it meant to show?');
        $this->put(route('frames.update', $frame), World::form(['intent' => $intent]))
            ->assertRedirect()
            ->assertSessionHasNoErrors();
        $ids = $frame->fresh()->findings->where('current', true)->pluck('rule_id')->all();

        $this->assertContains('depth.too-shallow', $ids);
        $this->assertContains('movement.subject-blurred', $ids);
        $this->get(route('frames.edit', $frame))
            ->assertSee('value="1.5"', escape: false)
            ->assertSee('Depth ruler')
            ->assertSee('Movement comb');
    }

    public function test_where_the_subject_looks_is_asked_for_kept_and_judged(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $marks = ['subject' => ['x' => '5', 'width' => '20'], 'intent' => ['facing' => 'left']];

        $this->actingAs($world->student)
            ->put(route('frames.update', $frame), World::form($marks))
            ->assertRedirect()
            ->assertSessionHasNoErrors();

        $this->assertContains(
            'composition.look-room',
            $frame->fresh()->findings->where('current', true)->pluck('rule_id')->all(),
        );
        $this->get(route('frames.edit', $frame))->assertSee(
            '<option value="left" selected>to the left</option>',
            escape: false,
        );
    }

    public function test_what_cannot_be_is_told_and_kept(): void
    {
        $world = World::make();
        $frame = $world->prepared();

        $this->actingAs($world->student)
            ->from(route('frames.edit', $frame))
            ->put(route('frames.update', $frame), World::form(['intent' => ['subject' => '3', 'near' => '5']]))
            ->assertSessionHasErrors('intent');
        $this->get(route('frames.edit', $frame))
            ->assertSee('5 m')
            ->assertSee('name="intent[near]" value="5"', escape: false);
        $this->put(
            route('frames.update', $frame),
            World::form(['intent' => ['speed' => 'fast', 'want' => 'pan']]),
        )->assertSessionHasErrors(['intent' => '"fast" cannot be read as a speed; write a number.']);
        $this->assertNull(IntentInput::problem(['far' => 'infinity', 'near' => '2']));
    }

    public function test_the_desk_draws_the_map_the_ruler_and_the_plan(): void
    {
        $world = World::make();
        $first = $world->handedIn(Pictures::jpeg(patch: 118));
        $first->update(['state' => AttemptState::Returned, 'returned_at' => now()]);
        $suggested = $first->frames->first()->chosenSuggestion();
        $second = $world->handedIn(Pictures::jpeg(patch: 118, mark: 3));
        $second->frames
            ->first()
            ->update(['intent' => new Intent(distances: new IntendedDistances(subject: 3.0, near: 2.8, far: 3.2))]);

        $this->assertContains(
            'plan.not-followed',
            $second->frames->first()->findings->pluck('rule_id')->all(),
            'the suggestion that came with the return is the plan of the reshoot',
        );
        $this->actingAs($world->instructor)
            ->get(route('desk.show', $second))
            ->assertOk();
        $this->get(route('frames.views', $second->frames->first()))
            ->assertSee('the plan against what was shot')
            ->assertSee('Exposure map')
            ->assertSee('Depth ruler')
            ->assertSee('The plan')
            ->assertSee('map-point-frame', escape: false)
            ->assertSee('map-point-plan', escape: false);
        $this->assertNotNull($suggested);
    }

    public function test_what_is_said_of_a_row_is_said_of_its_last_frame_whichever_is_judged_last(): void
    {
        $world = World::make();
        $brief = $world->setBrief->brief;
        $world->setBrief->update(['brief' => ['frames' => 3, 'series' => 'bracket'] + $brief]);
        $at = fn (float $time, int $second): string => Pictures::jpeg(
            mark: $second,
            record: Pictures::record(
                t: $time,
                takenAt: new DateTimeImmutable(sprintf('2026-10-03 18:00:%02d', $second)),
            ),
        );
        $last = $world->prepared($at(1 / 30, 4));
        $world->prepared($at(1 / 500, 0));
        $world->prepared($at(1 / 125, 2));

        $this->assertSame(3, $last->attempt->frames()->count());
        $this->assertContains(
            'series.bracket-complete',
            $last->findings()->where('current', true)->pluck('rule_id')->all(),
        );
        $this->assertSame(
            1,
            Frame::query()->whereHas('findings', fn ($query) => $query->where('rule_id', 'like', 'series.%'))->count(),
        );
    }
}
