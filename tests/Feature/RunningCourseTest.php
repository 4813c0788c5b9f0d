<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefLibrary;
use App\Courses\CourseBoard;
use App\Courses\DeskQueue;
use App\HandIn\AddPicture;
use App\HandIn\HandInRefused;
use App\HandIn\SubmitAttempt;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Extension;
use App\Models\Membership;
use App\Models\OwnBrief;
use App\Models\Role;
use App\Models\SetBrief;
use App\Models\SilencedFinding;
use App\Models\User;
use App\Notices\Reminders;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;

/** Dates, more time, order, corrections, the end of a course and its next run. */
final class RunningCourseTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_brief_is_closed_before_it_opens_and_after_it_closes_and_late_in_between(): void
    {
        $world = World::make();
        $this->dates($world, opens: '+1 hour', due: '+2 hours', closes: '+3 hours');
        $this->actingAs($world->student)
            ->get(route('courses.show', $world->course))
            ->assertSee('The meter is fooled')
            ->assertSee('opens ')
            ->assertDontSee('Plan it');
        $this->get(route('set-briefs.show', $world->setBrief))->assertForbidden();
        $this->assertRefused($world, 'This brief opens on');

        // At the moment of opening it is open, at the moment it is due nobody is late.
        $this->travel(1)->hours();
        $this->get(route('set-briefs.show', $world->setBrief))->assertOk();
        $attempt = $world->handedIn();
        $this->assertFalse($this->waiting($world)[$attempt->id]->isLate);

        $this->travelTo($world->setBrief->refresh()->due_at->clone()->addSecond());
        $late = $world->handedIn(Pictures::jpeg(mark: 2), $world->neighbour);
        $this->assertSame(
            [$attempt->id => false, $late->id => true],
            array_map(fn ($one): bool => $one->isLate, $this->waiting($world)),
        );
        $this->actingAs($world->instructor)->get(route('courses.board', $world->course))->assertSee(', late');

        $this->travelTo($world->setBrief->closes_at);
        $this->assertRefused($world, 'This brief was closed on', $world->outsider);
        $this->actingAs($world->student)
            ->get(route('set-briefs.show', $world->setBrief))
            ->assertOk()
            ->assertSee('This brief was closed on');
    }

    public function test_what_was_begun_in_time_and_not_handed_in_is_refused_once_it_is_closed_and_kept(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $this->dates($world, closes: '+1 minute');
        $this->travel(2)->minutes();
        try {
            app(SubmitAttempt::class)->handle($frame->attempt->refresh());
            $this->fail('It was taken.');
        } catch (HandInRefused $problem) {
            $this->assertStringContainsString('Your frames are kept as they are.', $problem->getMessage());
        }
        $this->assertSame(AttemptState::Draft, $frame->attempt->fresh()->state);
        $this->assertNotNull($frame->fresh());
    }

    public function test_dates_are_kept_in_their_order_and_said_at_their_field(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor);
        $put = fn (array $dates) => $this->put(route('set-briefs.update', $world->setBrief), $dates);
        $put(['opens_at' => '2026-12-02T10:00', 'due_at' => '2026-12-01T10:00'])->assertSessionHasErrors('due_at');
        $put(['due_at' => '2026-12-02T10:00', 'closes_at' => '2026-12-01T10:00'])->assertSessionHasErrors('closes_at');
        $put(['opens_at' => '2026-12-02T10:00', 'closes_at' => '2026-12-01T10:00'])
            ->assertSessionHasErrors('closes_at');
        $this->assertNull($world->setBrief->refresh()->due_at);
        $put(['opens_at' => '2026-12-01T10:00', 'due_at' => '2026-12-01T10:00', 'closes_at' => '2026-12-01T10:00'])
            ->assertSessionHasNoErrors();
        $this->assertSame('2026-12-01 10:00', $world->setBrief->refresh()->closes_at->format('Y-m-d H:i'));
    }

    public function test_more_time_holds_for_whom_it_was_given_and_keeps_the_brief_open(): void
    {
        $world = World::make();
        $this->dates($world, due: '+1 day', closes: '+2 days');
        $membership = Membership::query()->where('user_id', $world->student->id)->sole();
        $membership->update(['group_name' => 'Tuesday']);
        $give = fn (array $to) => $this->actingAs($world->instructor)
            ->post(route('set-briefs.more-time', $world->setBrief), $to);
        $until = now()->addDays(5)->format('Y-m-d\TH:i');
        $give(['until' => $until])->assertSessionHasErrors('students');
        $give(['until' => now()->addHour()->format('Y-m-d\TH:i'), 'group' => 'Tuesday'])
            ->assertSessionHasErrors('until');
        // Nobody who does not study here.
        $give(['until' => $until, 'students' => [$world->outsider->id, $world->critic->id]])
            ->assertSessionHas('done', 'Nobody of the course was chosen.');
        $give(['until' => $until, 'group' => 'Tuesday'])->assertSessionHasNoErrors();
        $this->assertSame([$world->student->id], Extension::query()->pluck('user_id')->all());
        $this->assertSame(1, $world->student->notifications()->where('data->kind', 'more-time')->count());

        $this->travel(3)->days();
        $this->actingAs($world->student)
            ->get(route('courses.show', $world->course))
            ->assertSee('with more time for you');
        $mine = $world->handedIn();
        $this->assertFalse($this->waiting($world)[$mine->id]->isLate);
        $this->assertRefused($world, 'This brief was closed on', $world->neighbour);
        $this->assertSame(
            ['Nell Bour'],
            array_column(CourseBoard::of($world->course)->people('behind', 1)['people'], 'name'),
        );

        // Taken back, the date of everybody holds again.
        $give(['students' => [$world->student->id]]);
        $this->assertSame(0, Extension::query()->count());
        $this->assertTrue($this->waiting($world)[$mine->id]->isLate);
    }

    public function test_a_hidden_brief_stays_with_whoever_has_begun_it(): void
    {
        $world = World::make();
        $world->prepared();
        $this->actingAs($world->instructor)
            ->put(route('set-briefs.update', $world->setBrief), ['hidden' => '1'])
            ->assertRedirect();
        $this->actingAs($world->neighbour)
            ->get(route('courses.show', $world->course))
            ->assertDontSee('The meter is fooled');
        $this->get(route('set-briefs.show', $world->setBrief))->assertForbidden();
        $this->get(route('plans.edit', $world->setBrief))->assertForbidden();
        $this->actingAs($world->student)->get(route('courses.show', $world->course))->assertSee('withdrawn');
        $this->get(route('set-briefs.show', $world->setBrief))->assertOk()->assertSee('has been withdrawn');
        $this->assertRefused($world, 'has been withdrawn');
        // Nobody is late with what they do not see.
        $world->setBrief->update(['due_at' => now()->subDay()]);
        $this->assertSame([], CourseBoard::of($world->course)->people('behind', 1)['people']);
    }

    public function test_a_student_s_calendar_has_the_dates_that_hold_for_that_student_and_nothing_hidden(): void
    {
        $world = World::make();
        $this->dates($world, due: '+1 day');
        $set = fn (string $id, array $more) => $world->course->setBriefs()->create([
            'brief_id' => $id,
            'brief' => app(BriefLibrary::class)->data($id),
            'due_at' => now()->addDays(9),
            ...$more,
        ]);
        $set('night-ladder', ['is_hidden' => true]);
        $later = $set('read-the-histogram', ['opens_at' => now()->addDays(2)]);
        Extension::query()->create([
            'set_brief_id' => $world->setBrief->id,
            'user_id' => $world->student->id,
            'due_at' => now()->addDays(4)->startOfMinute(),
        ]);
        $calendar = fn (User $who): string => str_replace("\r\n ", '', (string) $this->actingAs($who)
            ->get(route('courses.calendar', $world->course))
            ->assertOk()
            ->getContent());
        $mine = $calendar($world->student);
        $this->assertStringContainsString(now()->addDays(4)->startOfMinute()->format('Ymd\THis\Z'), $mine);
        $this->assertStringNotContainsString('Night ladder', $mine);
        $this->assertStringContainsString('Read the histogram', $mine);
        // What it asks is read when it opens.
        $this->assertStringNotContainsString(substr($later->content()->words->purpose, 0, 30), $mine);
        $this->assertStringNotContainsString(
            now()->addDays(4)->startOfMinute()->format('Ymd\THis\Z'),
            $calendar($world->neighbour),
        );
        $this->assertStringContainsString('Night ladder', $calendar($world->instructor));
    }

    public function test_students_are_told_of_a_brief_when_it_opens_and_not_before(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor)->post(route('set-briefs.store', $world->course), [
            'brief' => 'night-ladder',
            'opens_at' => now()->addDay()->format('Y-m-d\TH:i'),
        ]);
        $world->setBrief->update(['announced_at' => now()]);
        $this->assertSame(0, Reminders::opened());
        $this->assertSame(0, $world->student->notifications()->count());
        $this->travel(1)->days();
        $this->assertSame(2, Reminders::opened());
        $this->assertSame(0, Reminders::opened());
        $this->assertSame(1, $world->student->notifications()->where('data->kind', 'brief-set')->count());
    }

    public function test_whoever_has_more_time_is_not_reminded_of_the_date_of_everybody(): void
    {
        $world = World::make();
        $this->dates($world, due: '+12 hours');
        Extension::query()->create([
            'set_brief_id' => $world->setBrief->id,
            'user_id' => $world->student->id,
            'due_at' => now()->addDays(3),
        ]);
        $this->assertSame(1, Reminders::dueTomorrow());
        $this->assertSame(0, $world->student->notifications()->count());
        $this->assertSame(1, $world->neighbour->notifications()->count());
    }

    public function test_briefs_stand_by_their_dates_or_as_the_instructor_puts_them(): void
    {
        $world = World::make();
        $set = fn (string $id, ?string $due): SetBrief => $world->course->setBriefs()->create([
            'brief_id' => $id,
            'brief' => app(BriefLibrary::class)->data($id),
            'due_at' => $due === null ? null : Carbon::parse($due),
        ]);
        $night = $set('night-ladder', '2026-12-20');
        $light = $set('same-light-three-ways', '2026-12-10');
        $order = fn (): array => array_map(fn ($one): int => $one->setBrief, CourseBoard::of($world->course)->listed());
        $this->assertSame([$light->id, $night->id, $world->setBrief->id], $order());

        $move = fn (SetBrief $brief, string $way) => $this->actingAs($world->instructor)
            ->post(route('set-briefs.move', $brief), ['way' => $way]);
        $move($world->setBrief, 'up')->assertRedirect();
        $this->assertSame([$light->id, $world->setBrief->id, $night->id], $order());
        $move($light, 'up');
        $move($night, 'down');
        $this->assertSame([$light->id, $world->setBrief->id, $night->id], $order());
        $this->post(route('courses.by-dates', $world->course));
        $this->assertSame([$light->id, $night->id, $world->setBrief->id], $order());
    }

    public function test_a_corrected_brief_is_new_to_whoever_has_not_begun_and_as_before_to_whoever_has(): void
    {
        $world = World::make();
        $own = app(BriefLibrary::class)->data('meter-is-fooled');
        $keep = fn (int $revision, string $title) => OwnBrief::query()->create([
            'user_id' => $world->instructor->id,
            'brief_id' => 'meter-is-fooled',
            'revision' => $revision,
            'brief' => [...$own, 'revision' => $revision, 'title' => $title],
        ]);
        $begun = $world->prepared();
        $this->actingAs($world->instructor)
            ->post(route('set-briefs.correct', $world->setBrief))
            ->assertSessionHas('problem');
        $keep(2, 'The meter is fooled, again');
        $this->get(route('set-briefs.show', $world->setBrief))
            ->assertSee('Set revision 2 instead')
            ->assertSee('The one attempt that was begun keeps this');
        $this->post(route('set-briefs.correct', $world->setBrief))->assertSessionHas('done');

        $title = fn (User $who): string => $this->actingAs($who)
            ->get(route('set-briefs.show', $world->setBrief))
            ->assertOk()
            ->viewData('view')->brief->words->title;
        $this->assertSame('The meter is fooled', $title($world->student));
        $this->assertSame('The meter is fooled, again', $title($world->neighbour));
        $this->actingAs($world->student)
            ->get(route('set-briefs.show', $world->setBrief))
            ->assertSee('You had begun before');
        $this->assertSame('The meter is fooled', $begun->attempt->refresh()->content()->words->title);
        app(SubmitAttempt::class)->handle($begun->attempt);
        $this->actingAs($world->instructor)
            ->get(route('desk.show', $begun->attempt))
            ->assertOk()
            ->assertSee('The meter is fooled')
            ->assertDontSee('The meter is fooled, again');
        $this->assertSame(1, $world->neighbour->notifications()->where('data->kind', 'brief-corrected')->count());

        // The next attempt is held against the corrected text.
        $this->post(route('desk.publish', $begun->attempt));
        $next = $world->prepared(Pictures::jpeg(mark: 5));
        $this->assertSame('The meter is fooled, again', $next->attempt->refresh()->content()->words->title);
    }

    public function test_instructors_of_a_course_share_their_briefs_and_nobody_else_does(): void
    {
        $world = World::make();
        $second = User::query()->create(['name' => 'Sec Ond', 'email' => 's@kilnyard.example', 'password' => 'x']);
        $brief = ['id' => 'my-own', 'title' => 'A brief of mine', 'revision' => 1];
        OwnBrief::query()->create([
            'user_id' => $second->id,
            'brief_id' => 'my-own',
            'revision' => 1,
            'brief' => [...app(BriefLibrary::class)->data('meter-is-fooled'), ...$brief],
        ]);
        $shelf = fn () => $this->actingAs($world->instructor)->get(route('set-briefs.create', $world->course));
        $shelf()->assertDontSee('A brief of mine');
        $this->post(route('set-briefs.store', $world->course), ['brief' => 'my-own'])->assertSessionHasErrors('brief');
        $world->course->memberships()->create(['user_id' => $second->id, 'role' => Role::Instructor]);
        $shelf()->assertSee('A brief of mine')->assertSee('by Sec Ond');
        $this->post(route('set-briefs.store', $world->course), ['brief' => 'my-own'])->assertSessionHasNoErrors();
        // Made one's own, it is another brief.
        $this->get(route('composer', ['course' => $world->course, 'from' => 'my-own']))
            ->assertOk()
            ->assertSee('A brief of mine (own version)');
    }

    public function test_an_archived_course_is_read_and_nothing_is_handed_in_until_it_is_open_again(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $this->actingAs($world->instructor)->post(route('courses.archive', $world->course))->assertRedirect();
        $this->assertRefused($world, 'The course is over', $world->neighbour);
        $this->get(route('desk.show', $attempt))->assertOk();
        $this->actingAs($world->student)
            ->get(route('courses.show', $world->course))
            ->assertOk()
            ->assertSee('The course is over.');
        $this->actingAs($world->instructor)->post(route('courses.reopen', $world->course));
        $this->assertNotNull($world->handedIn(Pictures::jpeg(mark: 3), $world->neighbour));
    }

    public function test_the_next_run_has_the_briefs_with_their_dates_moved_and_nobody_of_the_last(): void
    {
        $world = World::make();
        $world->course->update(['timezone' => 'Europe/Lisbon', 'keeps_months' => 12]);
        SilencedFinding::query()->create([
            'course_id' => $world->course->id,
            'user_id' => $world->instructor->id,
            'rule_id' => 'exposure.far-off',
        ]);
        // Eight in the evening there, in winter; the copy begins in summer.
        $world->setBrief->update(['due_at' => Carbon::parse('2026-12-01 20:00', 'Europe/Lisbon')->utc()]);
        $this->actingAs($world->instructor)
            ->get(route('courses.settings', $world->course))
            ->assertSee('The first date, 1 Dec here, is then');
        $this->post(route('courses.copy', $world->course), [
            'copy_name' => 'Evening course, summer',
            'first_day' => '2027-06-08',
        ])->assertRedirect();

        $copy = Course::query()->where('name', 'Evening course, summer')->sole();
        $this->assertNotSame($world->course->join_code, $copy->join_code);
        $this->assertSame(['Europe/Lisbon', 12], [$copy->timezone, $copy->keeps_months]);
        $this->assertSame(['exposure.far-off'], SilencedFinding::in($copy));
        $this->assertSame(
            ['2027-06-08T20:00'],
            $copy->setBriefs->map(fn (SetBrief $one): string => $copy->formMoment($one->due_at))->all(),
        );
        $this->assertSame([$world->instructor->id], $copy->memberships()->pluck('user_id')->all());

        $this->post(route('courses.copy', $world->course), ['copy_name' => 'Without dates']);
        $this->assertNull(Course::query()->where('name', 'Without dates')->sole()->setBriefs()->sole()->due_at);
    }

    public function test_an_invitation_has_the_course_s_name_and_its_teacher_on_it(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor)
            ->get(route('courses.invitation', $world->course))
            ->assertOk()
            ->assertSee('with Ina Structor')
            ->assertSee('TEST CQDE');
        auth()->logout();
        $this->get(route('join', ['code' => 'test-cqde']))
            ->assertSee('Evening course')
            ->assertSee('with Ina Structor');
        $this->get(route('join', ['code' => 'NOPE1234']))->assertDontSee('Evening course');
        // A code that is read out is typed as it was heard.
        $this->actingAs($world->outsider)->post(route('join'), ['code' => 'test cqde'])->assertRedirect();
        $this->assertTrue($world->course->memberships()->where('user_id', $world->outsider->id)->exists());
    }

    public function test_taking_somebody_out_asks_first_and_says_what_stays(): void
    {
        $world = World::make();
        $world->handedIn();
        $this->actingAs($world->instructor)
            ->get(route('courses.members', $world->course))
            ->assertSee('The one attempt handed in stays')
            ->assertSee('Nothing was handed in.');
        $this->put(route('courses.members.update', [$world->course, $world->student]), [
            'role' => 'student',
            'group_name' => 'Tuesday',
        ]);
        $this->assertSame(['Tuesday'], $world->course->groups());
    }

    private function dates(World $world, ?string $opens = null, ?string $due = null, ?string $closes = null): void
    {
        $world->setBrief->update([
            'opens_at' => $opens === null ? null : now()->modify($opens),
            'due_at' => $due === null ? null : now()->modify($due),
            'closes_at' => $closes === null ? null : now()->modify($closes),
        ]);
    }

    private function assertRefused(World $world, string $because, ?User $who = null): void
    {
        try {
            app(AddPicture::class)->handle(
                $world->setBrief->fresh('course'),
                $who ?? $world->student,
                Pictures::jpeg(mark: 7),
                'late.jpg',
            );
            $this->fail('It was taken.');
        } catch (HandInRefused $problem) {
            $this->assertStringContainsString($because, $problem->getMessage());
        }
    }

    /** @return array<int, \App\Courses\WaitingAttempt> by attempt */
    private function waiting(World $world): array
    {
        return array_column(
            DeskQueue::of($world->course)->waiting(CourseBoard::of($world->course)->briefs()),
            null,
            'attempt',
        );
    }
}
