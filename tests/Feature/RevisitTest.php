<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AttemptState;
use App\Models\Frame;
use App\Models\Revisit;
use App\Models\SavedPlan;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Sabre\VObject\Reader;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;

/** A picture to go back for: days, a calendar, and both frames side by side. */
final class RevisitTest extends TestCase
{
    use RefreshDatabase;

    private const WISH = [
        'lat' => '52.5', 'lon' => '13.4', 'bearing' => 'south-west', 'sun' => 'low', 'light' => 'back',
        'fromMonth' => '12', 'toMonth' => '1', 'clouds' => 'thin-cloud', 'word' => 'mist',
    ];

    private World $world;

    private Frame $frame;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-28 12:00:00');
        $this->world = World::make();
        $this->frame = $this->world->prepared();
        $this->actingAs($this->world->student);
    }

    public function test_days_are_found_and_go_into_the_calendar(): void
    {
        SavedPlan::query()->create([
            'user_id' => $this->world->student->id,
            'set_brief_id' => $this->world->setBrief->id,
            'number' => 1,
            'input' => ['lat' => '52.5', 'lon' => '13.4', 'iso' => '100'],
        ]);
        $this->get(route('revisits.edit', $this->frame))
            ->assertSee('value="52.5"', false)
            ->assertDontSee('When it can be');
        $this->put(route('revisits.update', $this->frame), self::WISH)->assertSessionHasNoErrors();
        $this->get(route('revisits.edit', $this->frame))
            ->assertSeeInOrder(['Tue 1 Dec 2026', 'in the south-west', 'Sun 6 Dec 2026'])
            ->assertSeeText('Watch the forecast for thin or broken cloud.')
            ->assertDontSee('Mon 7 Dec 2026');

        $all = Reader::read($this->get(route('revisits.calendar', $this->frame))->assertOk()->getContent());
        $this->assertCount(6, $all->select('VEVENT'));
        $one = Reader::read($this->get(route('revisits.calendar', [$this->frame, 'day' => 1]))->getContent());
        $this->assertCount(1, $one->select('VEVENT'));
        $this->assertSame([], $one->validate());
        $event = $one->select('VEVENT')[0];
        $this->assertSame('2026-12-02', $event->DTSTART->getDateTime()->format('Y-m-d'));
        $this->assertStringContainsString('mist', (string) $event->DESCRIPTION);
        $this->get(route('skills', $this->world->course))->assertSeeText('To go back for')->assertSee('mist');
    }

    public function test_what_cannot_be_dated_says_why(): void
    {
        $says = function (array $wish): \Illuminate\Testing\TestResponse {
            $this->put(route('revisits.update', $this->frame), $wish)->assertSessionHasNoErrors();

            return $this->get(route('revisits.edit', $this->frame));
        };
        $says(['clouds' => 'overcast'])->assertSeeText('Clouds nobody can date');
        $says(['sun' => 'low'])->assertSeeText('Say where it is');
        $says([...self::WISH, 'bearing' => 'north'])->assertSeeText('On no day of the next year');
        $says(['lat' => '52', 'lon' => '0', 'water' => 'low', 'highWater' => '2026-11-28T06:00'])
            ->assertSeeText('look it up in the table of the place');
        $this->put(route('revisits.update', $this->frame), ['light' => 'side', 'lat' => 'x', 'lon' => '1'])
            ->assertSessionHasErrors(['bearing', 'lat']);
    }

    public function test_both_frames_stand_side_by_side(): void
    {
        $this->put(route('revisits.update', $this->frame), self::WISH);
        $this->frame->attempt->forceFill(['state' => AttemptState::Returned])->save();
        $again = $this->world->prepared(Pictures::jpeg(patch: 90, mark: 3));
        $this->post(route('revisits.compare', $this->frame), ['again' => $again->id])->assertRedirect();
        $this->get(route('revisits.edit', $this->frame))
            ->assertSeeInOrder([
                'Before:', route('frames.picture', $again, false), 'After going back:',
            ]);
        $this->get(route('skills', $this->world->course))->assertSeeText('taken again');
        // Nobody else's frame, and none from before.
        $foreign = $this->world->prepared(Pictures::jpeg(patch: 60, mark: 9), $this->world->neighbour);
        $this->post(route('revisits.compare', $this->frame), ['again' => $foreign->id]);
        $this->assertNull(Revisit::query()->sole()->again_frame_id);

        $this->delete(route('revisits.destroy', $this->frame))->assertRedirect();
        $this->assertSame(0, Revisit::query()->count());
        $this->get(route('skills', $this->world->course))->assertDontSeeText('To go back for');
    }

    public function test_it_is_offered_with_the_return_and_to_its_student_alone(): void
    {
        $attempt = $this->frame->attempt;
        $attempt->forceFill(['state' => AttemptState::Returned, 'returned_at' => now()])->save();
        $this->get(route('attempts.return', $attempt))->assertSeeText('Go back for this picture');
        $this->actingAs($this->world->instructor)
            ->get(route('attempts.return', $attempt))
            ->assertDontSeeText('Go back for this picture');
        $this->get(route('revisits.edit', $this->frame))->assertForbidden();
    }
}
