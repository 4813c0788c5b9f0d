<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DrillAnswer;
use App\Practice\DailyRound;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Tests\Support\World;
use Tests\TestCase;

/** Five drills a day, counted from midnight where somebody is. */
final class DailyRoundTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_round_has_five_and_begins_anew_at_one_s_own_midnight(): void
    {
        $world = World::make();
        $student = $world->student;
        $student->update(['timezone' => 'Pacific/Auckland']);
        $midnight = Carbon::parse('2026-07-02 00:00', 'Pacific/Auckland');
        $answer = function (bool $isRight, int $after) use ($student, $midnight): void {
            $this->travelTo($midnight->clone()->addSeconds($after));
            DrillAnswer::query()->create([
                'user_id' => $student->id,
                'kind' => 'meter-says',
                'level' => 1,
                'seed' => 1,
                'scene' => 'pots',
                'answer' => '0',
                'is_right' => $isRight,
            ]);
        };
        $answer(true, -1);
        $this->travelTo($midnight);
        $this->assertSame([0, false], [DailyRound::of($student)->done(), DailyRound::of($student)->isOver()]);
        foreach ([true, false, true, true] as $at => $isRight) {
            $answer($isRight, $at);
        }
        $round = DailyRound::of($student);
        $this->assertSame([4, 3, false], [$round->done(), $round->right(), $round->isOver()]);
        $this->assertSame([true, false, true, true, null], $round->marks());
        $this->actingAs($student)->get(route('drills'))->assertOk()->assertSee('Go on');
        $answer(false, 10);
        $answer(true, 11);
        // What one does beyond the five is not counted in it.
        $round = DailyRound::of($student);
        $this->assertSame([5, 3, true], [$round->done(), $round->right(), $round->isOver()]);
        $this->get(route('drills'))->assertSee('3 of five right')->assertSee('One more');
        $this->assertSame(0, DailyRound::of($world->neighbour)->done());
    }
}
