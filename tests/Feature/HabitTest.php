<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Frame;
use App\Models\SetBrief;
use App\Patterns\CourseHabits;
use App\Patterns\Habit;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Capture\StatedFields;
use TruePupil\Core\Exposure\Iso;

/** What a student never moves is named to whoever teaches, and to nobody else. */
final class HabitTest extends TestCase
{
    use RefreshDatabase;

    public function test_what_never_moves_over_several_briefs_and_misses_something_is_named(): void
    {
        $world = World::make();
        $frame = $world->handedIn()->frames->firstOrFail();
        $this->assertSame([], CourseHabits::of($world->course), 'one frame is no habit');
        foreach ([1, 2] as $number) {
            $brief = $world->setBrief->replicate()->fill(['revision' => 1 + $number]);
            $brief->save();
            $this->again($frame, $brief, $number);
            $this->again($frame, $brief, $number + 2);
        }
        $told = array_map(fn (Habit $habit): string => $habit->what, CourseHabits::of($world->course));
        $this->assertSame([], $told, 'nothing that was asked was missed');

        $frame->update(['checks' => [[...$frame->checks[0], 'verdict' => 'missed']]]);
        $habits = CourseHabits::of($world->course);
        $this->assertSame(
            ['ISO 100 every time', '1/100 s every time'],
            array_map(fn (Habit $habit): string => $habit->what, $habits),
        );
        $this->assertSame([5, 3, 1], [$habits[0]->frames, $habits[0]->briefs, $habits[0]->missed]);
        $this->actingAs($world->instructor)
            ->get(route('courses.class', $world->course))
            ->assertSee('Rules of their own?')
            ->assertSee('ISO 100 every time, in 5 frames of 3 briefs; 1 of them missed something.');
        $this->actingAs($world->critic)
            ->get(route('courses.class', $world->course))
            ->assertOk()
            ->assertDontSee('Rules of their own?');
        $this->actingAs($world->student)->get(route('courses.class', $world->course))->assertForbidden();

        $tags = Frame::query()->latest('id')->firstOrFail();
        $tags->update(['tags' => array_diff_key((array) $tags->tags, array_flip(['EXIF:ISO', 'ExifIFD:ISO', 'ISO'])),
            'stated' => new StatedFields(iso: Iso::of(400))]);
        $this->assertSame(
            ['1/100 s every time'],
            array_map(fn (Habit $habit): string => $habit->what, CourseHabits::of($world->course)),
        );
    }

    private function again(Frame $frame, SetBrief $brief, int $number): void
    {
        $attempt = Attempt::query()->create([
            ...$frame->attempt->only(['user_id']),
            'set_brief_id' => $brief->id,
            'number' => $number,
            'state' => AttemptState::Returned,
        ]);
        $other = $frame->replicate();
        $other->attempt_id = $attempt->id;
        $other->checks = [];
        $other->save();
    }
}
