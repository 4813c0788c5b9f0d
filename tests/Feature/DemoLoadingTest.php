<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\DemoLoading;
use App\Demo\Kilnyard;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\FilmRoll;
use App\Models\Frame;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** The application answers while the demo is still being photographed, and says so. */
final class DemoLoadingTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_course_is_there_first_and_its_page_says_what_is_still_to_come(): void
    {
        app(Kilnyard::class)->begin();
        $course = Course::query()->sole();
        DemoLoading::into($course)?->further();

        foreach (['maren', 'runa'] as $name) {
            $this->actingAs(User::query()->where('email', $name.'@kilnyard.example')->sole())
                ->get(route('courses.show', $course))
                ->assertOk()
                ->assertSeeText('1 of 28 attempts are here')
                ->assertSeeText('The meter is fooled');
        }
        $this->get(route('courses.demo', $course))
            ->assertOk()
            ->assertSeeText('1 of 28')
            ->assertHeaderMissing('HX-Refresh');
    }

    public function test_once_all_are_there_the_page_is_asked_for_again(): void
    {
        app(Kilnyard::class)->begin();
        $course = Course::query()->sole();
        $user = User::query()->where('email', 'runa@kilnyard.example')->sole();
        // As if every attempt had been photographed before the start was cut short.
        while (($now = DemoLoading::now()) !== null && $now->done < $now->total) {
            $now->further();
        }
        $this->artisan('pupil:demo')->assertSuccessful();

        $this->assertNull(DemoLoading::now());
        $this->assertGreaterThan(0, FilmRoll::query()->count(), 'what was left to do is done');
        $this->actingAs($user)->get(route('courses.demo', $course))->assertOk()->assertHeader('HX-Refresh', 'true');
        $this->get(route('courses.show', $course))->assertDontSeeText('attempts are here');
        // Another start finds it complete.
        $rolls = FilmRoll::query()->count();
        $this->artisan('pupil:demo')->assertSuccessful();
        $this->assertSame($rolls, FilmRoll::query()->count());
    }

    public function test_what_people_took_away_or_began_meanwhile_stays_so(): void
    {
        app(Kilnyard::class)->begin();
        $course = Course::query()->sole();
        $students = User::query()->get()->keyBy(fn (User $user): string => strtok((string) $user->email, '@') ?: '');
        $kept = $course->setBriefs()->where('brief_id', 'meter-is-fooled')->sole();
        $course->setBriefs()->whereKeyNot($kept->id)->delete();
        foreach ($students as $student) {
            $kept->attempts()->create(['user_id' => $student->id, 'number' => 1, 'state' => AttemptState::Draft]);
        }
        app(Kilnyard::class)->goOn();

        $this->assertNull(DemoLoading::now());
        $this->assertSame($students->count(), Attempt::query()->count());
        $this->assertSame(0, Frame::query()->count(), 'nothing is put into an attempt that somebody began');
    }

    public function test_a_course_that_was_removed_is_not_waited_for(): void
    {
        app(Kilnyard::class)->begin();
        Course::query()->delete();
        app(Kilnyard::class)->goOn();

        $this->assertNull(DemoLoading::now());
    }

    public function test_another_course_is_none_of_its_business(): void
    {
        app(Kilnyard::class)->begin();
        $other = Course::query()->create([
            'name' => 'Another course',
            'place' => 'Elsewhere',
            'join_code' => 'OTHERCDE',
            'approach' => [],
        ]);

        $this->assertNull(DemoLoading::into($other));
        $this->assertNotNull(DemoLoading::into(Course::query()->where('join_code', '!=', 'OTHERCDE')->sole()));
    }
}
