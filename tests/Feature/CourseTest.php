<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefLibrary;
use App\Courses\CourseBoard;
use App\Courses\DeskQueue;
use App\Courses\Roles;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Role;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;

/** Beginning a course, its members and codes, the board and the desk's list. */
final class CourseTest extends TestCase
{
    use RefreshDatabase;

    public function test_somebody_new_starts_a_course_and_teaches_it(): void
    {
        $this->get(route('start'))->assertOk();
        $this->post(route('start'), [
            'course' => 'Winter light',
            'place' => 'Kilnyard',
            'timezone' => 'Europe/Lisbon',
            'name' => 'Ada New',
            'email' => 'ada@kilnyard.example',
            'password' => 'a-long-password',
        ])->assertRedirect();

        $course = Course::query()->sole();
        $this->assertSame(['Winter light', 'Europe/Lisbon'], [$course->name, $course->timezone]);
        $this->assertAuthenticated();
        $this->assertSame(Role::Instructor, app(Roles::class)->in($course, User::query()->sole()));
        $this->get(route('courses.show', $course))
            ->assertOk()
            ->assertSee('Set the first brief')
            ->assertSee(Course::readableCode($course->join_code));
        // The same address again is another account, until one of them confirms it: nobody learns that it is known.
        auth()->logout();
        $this->post(route('start'), [
            'course' => 'Another',
            'name' => 'Ada New',
            'email' => 'ada@kilnyard.example',
            'password' => 'a-long-password',
        ])->assertSessionHasNoErrors();
        $this->assertSame([2, 2], [Course::query()->count(), User::query()->count()]);
        $this->get(route('courses.show', $course))->assertForbidden();
    }

    public function test_students_and_guest_critics_join_with_codes_of_their_own(): void
    {
        $world = World::make();
        $world->course->update(['critic_code' => 'CRTC4CDE']);
        $this->post(route('join'), [
            'code' => 'crtc 4cde',
            'name' => 'Carl Guest',
            'email' => 'carl@kilnyard.example',
            'password' => 'a-long-password',
        ])->assertRedirect();
        $this->assertSame(
            Role::Critic,
            app(Roles::class)->in($world->course, User::query()->where('name', 'Carl Guest')->sole()),
        );
        // A student who comes by the critics' code stays a student.
        $this->actingAs($world->student)->post(route('join'), ['code' => 'CRTC4CDE']);
        $this->assertSame(Role::Student, app(Roles::class)->in($world->course, $world->student));
    }

    public function test_roles_are_changed_and_a_course_never_loses_its_last_instructor(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor);
        $change = fn (User $user, string $role) => $this->put(
            route('courses.members.update', [$world->course, $user]), [
                'role' => $role,
            ]);

        $change($world->instructor, 'student')->assertSessionHas('problem');
        $this->delete(route('courses.members.destroy', [$world->course, $world->instructor]))->assertSessionHas(
            'problem',
        );
        $change($world->critic, 'instructor')->assertSessionHas('done');
        $change($world->instructor, 'critic')->assertSessionHas('done');
        $this->assertSame(Role::Critic, app(Roles::class)->in($world->course, $world->instructor));
        $this->put(route('courses.members.update', [$world->course, $world->student]), [
            'role' => 'critic',
        ])->assertForbidden();
    }

    public function test_who_leaves_sees_nothing_and_what_they_handed_in_is_kept(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $this->actingAs($world->instructor)
            ->delete(route('courses.members.destroy', [$world->course, $world->student]))
            ->assertRedirect();

        $this->assertNotNull($attempt->fresh());
        $this->actingAs($world->student)->get(route('courses.show', $world->course))->assertForbidden();
        $this->actingAs($world->instructor)
            ->delete(route('courses.members.destroy', [$world->course, $world->outsider]))
            ->assertNotFound();
    }

    public function test_a_new_code_ends_the_old_one(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor)
            ->post(route('courses.code', $world->course), ['for' => 'students'])
            ->assertRedirect();
        $this->assertNotSame('TESTCQDE', $world->course->refresh()->join_code);
        $this->assertNull(Course::withCode('TESTCQDE'));
        $this->get(route('courses.members', $world->course))
            ->assertOk()
            ->assertSee(Course::readableCode($world->course->join_code))
            ->assertSee('Stu Dent');
    }

    public function test_the_board_tells_who_has_handed_in_what_and_who_waits_since_when(): void
    {
        $world = World::make();
        $late = $world->course->setBriefs()->create([
            'brief_id' => 'night-ladder',
            'brief' => app(BriefLibrary::class)->data('night-ladder'),
            'due_at' => now()->subDay(),
        ]);
        $world->handedIn(student: $world->neighbour);
        $this->travel(2)->days();
        $world->prepared(Pictures::jpeg(mark: 3));
        $board = CourseBoard::of($world->course);

        // By date: the one without any stands last.
        [$night, $fooled] = $board->briefs();
        $this->assertSame(
            [2, 1, 1, 1, 0],
            [
                $fooled->students,
                $fooled->attempts->handedIn,
                $fooled->attempts->drafts,
                $fooled->attempts->waiting,
                $fooled->attempts->returned,
            ],
        );
        $this->assertTrue($night->isOverdue());
        $this->assertSame(2, $night->missing());
        $people = $board->people('all', 1);
        // Who waits comes first.
        $this->assertSame(['Nell Bour', 'Stu Dent'], array_column($people['people'], 'name'));
        $cell = $people['people'][0]['cells'][$world->setBrief->id];
        $this->assertSame(AttemptState::Waiting, $cell->state);
        $this->assertEqualsWithDelta(2 * 86400, abs(now()->getTimestamp() - $cell->since->getTimestamp()), 60);
        $this->assertSame(
            ['Nell Bour'],
            array_column(CourseBoard::of($world->course)->people('waiting', 1)['people'], 'name'),
        );
        $this->assertCount(2, CourseBoard::of($world->course)->people('behind', 1)['people']);
        $late->update(['due_at' => now()->addDay()]);
        $this->assertSame([], CourseBoard::of($world->course)->people('behind', 1)['people']);

        $this->actingAs($world->instructor)
            ->get(route('courses.board', $world->course))
            ->assertOk()
            ->assertSee('Nell Bour')
            ->assertSee('waiting')
            ->assertSee('prepares');
    }

    public function test_the_desk_s_list_has_the_longest_waiting_first_and_names_files_that_two_handed_in(): void
    {
        $world = World::make();
        $first = $world->handedIn($path = Pictures::jpeg(mark: 1));
        $this->travel(1)->hours();
        $second = $world->handedIn($path, $world->neighbour);
        $queue = DeskQueue::of($world->course);
        $waiting = $queue->waiting(CourseBoard::of($world->course)->briefs());

        $this->assertSame([$first->id, $second->id], array_column($waiting, 'attempt'));
        $facts = $queue->facts([$first->id, $second->id]);
        $this->assertSame([true, true], array_column($facts, 'isShared'));
        $this->assertSame(1, $facts[$first->id]->frames);
        $this->assertSame([], $queue->waiting([]));
        $this->actingAs($world->critic)
            ->get(route('desk.sheet', $world->setBrief))
            ->assertOk()
            ->assertSee('same file as somebody else');
    }

    public function test_every_page_of_a_large_course_takes_few_questions_to_the_database(): void
    {
        $world = World::make();
        foreach (['night-ladder', 'read-the-histogram', 'steady-hands'] as $id) {
            $brief = $world->course
                ->setBriefs()
                ->create(['brief_id' => $id, 'brief' => app(BriefLibrary::class)->data($id)]);
            foreach (range(1, 12) as $number) {
                $user = User::query()->create([
                    'name' => $id.' '.$number,
                    'email' => $id.$number.'@kilnyard.example',
                    'password' => 'x',
                ]);
                $world->course->memberships()->create(['user_id' => $user->id, 'role' => Role::Student]);
                Attempt::query()->create([
                    'set_brief_id' => $brief->id,
                    'user_id' => $user->id,
                    'number' => 1,
                    'state' => AttemptState::Waiting,
                    'handed_in_at' => now(),
                ]);
            }
        }
        $pages = [
            'courses.show' => 'instructor',
            'courses.board' => 'instructor',
            'courses.class' => 'instructor',
        ];
        foreach ($pages as $route => $person) {
            $this->assertLessThanOrEqual(15, $this->questions($world->$person, route($route, $world->course)), $route);
        }
        $this->assertLessThanOrEqual(17, $this->questions($world->critic, route('desk.sheet', $brief)));
        $this->assertLessThanOrEqual(15, $this->questions($world->student, route('courses.show', $world->course)));
        $this->assertLessThanOrEqual(15, $this->questions($world->student, route('set-briefs.show', $world->setBrief)));
    }

    public function test_each_screen_is_refused_to_whom_it_is_not_for(): void
    {
        $world = World::make();
        $other = Course::query()->create(['name' => 'Elsewhere', 'join_code' => 'QTHERCQD', 'approach' => []]);
        $other->memberships()->create(['user_id' => $world->outsider->id, 'role' => Role::Instructor]);
        $allowed = [
            'courses.board' => ['instructor', 'critic'],
            'courses.desk' => ['instructor', 'critic'],
            'courses.members' => ['instructor'],
            'courses.settings' => ['instructor'],
            'set-briefs.create' => ['instructor'],
            'composer' => ['instructor'],
            'courses.show' => ['instructor', 'critic', 'student', 'neighbour'],
            'courses.calendar' => ['instructor', 'critic', 'student', 'neighbour'],
        ];
        foreach ($allowed as $route => $people) {
            foreach (['instructor', 'critic', 'student', 'neighbour', 'outsider'] as $person) {
                $this->actingAs($world->$person)
                    ->get(route($route, $world->course))
                    ->assertStatus(in_array($person, $people, true) ? 200 : 403);
                // Teaching one course opens no other, by guessing its number either.
                $this->actingAs($world->$person)
                    ->get(route($route, $other))
                    ->assertStatus($person === 'outsider' ? 200 : 403);
            }
        }
        foreach (['critic', 'student', 'outsider'] as $person) {
            $this->actingAs($world->$person)
                ->put(route('courses.members.update', [$world->course, $world->student]), ['role' => 'instructor'])
                ->assertForbidden();
            $this->actingAs($world->$person)
                ->delete(route('courses.members.destroy', [$world->course, $world->student]))
                ->assertForbidden();
            $this->actingAs($world->$person)
                ->post(route('courses.code', $world->course), ['for' => 'students'])
                ->assertForbidden();
        }
    }

    private function questions(User $person, string $url): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->actingAs($person)->get($url)->assertOk();
        $count = count(DB::getQueryLog());
        DB::disableQueryLog();

        return $count;
    }
}
