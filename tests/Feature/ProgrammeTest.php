<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefLibrary;
use App\Briefs\CourseTemplate;
use App\Briefs\FollowTemplate;
use App\Courses\CopyCourse;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Meeting;
use App\Models\Role;
use App\Models\SetBrief;
use App\Notices\Reminders;
use App\Practice\Lesson;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Drill\DrillKind;

/** Ready courses, and the meetings of a course with what belongs to each. */
final class ProgrammeTest extends TestCase
{
    use RefreshDatabase;

    public function test_every_template_names_what_there_is(): void
    {
        $lessons = array_column(Lesson::all(), 'id');
        foreach (CourseTemplate::all() as $template) {
            $seen = [];
            foreach ($template->meetings as $meeting) {
                $this->assertSame([], array_diff($meeting['lessons'], $lessons), $template->id);
                foreach ($meeting['drills'] as $kind) {
                    $this->assertNotNull(DrillKind::tryFrom($kind), $kind);
                }
                foreach ($meeting['briefs'] as $brief) {
                    $this->assertNotNull(app(BriefLibrary::class)->find($brief['id']), $brief['id']);
                    $seen[] = $brief['id'];
                }
            }
            $this->assertSame($seen, array_unique($seen), 'no brief twice in '.$template->id);
        }
        $this->assertSame('10 briefs · 12 lessons · 7 drills', CourseTemplate::find('eight-evenings')?->consistsOf());
        $this->assertNull(CourseTemplate::find('ten-evenings'));
    }

    public function test_a_course_begins_with_eight_evenings_at_the_same_hour_across_summer_time(): void
    {
        $this->travelTo('2026-03-01 12:00:00');
        $this->post(route('start'), [
            'course' => 'Spring course',
            'timezone' => 'Europe/Berlin',
            'template' => 'eight-evenings',
            'first' => '2026-03-16T19:00',
            'name' => 'Nora Vale',
            'email' => 'nora@school.example',
            'password' => 'a long enough word 7',
            'password_confirmation' => 'a long enough word 7',
        ])->assertSessionHasNoErrors()->assertRedirect(route('programme', Course::query()->sole()));
        $course = Course::query()->sole();
        $meetings = $course->meetings()->get();
        $this->assertCount(8, $meetings);
        $this->assertSame(
            ['2026-03-16 18:00', '2026-03-23 18:00', '2026-03-30 17:00'],
            $meetings->take(3)->map(fn (Meeting $one): ?string => $one->starts_at?->format('Y-m-d H:i'))->all(),
            'seven in the evening there, in UTC',
        );
        $brief = $meetings[2]->setBriefs()->sole();
        $this->assertSame('meter-is-fooled', $brief->brief_id);
        $this->assertSame('2026-04-06 18:00', $course->formMoment($brief->due_at) === ''
            ? '' : str_replace('T', ' ', $course->formMoment($brief->due_at)));
        $this->assertEquals($meetings[2]->starts_at, $brief->opens_at);
        $this->assertSame(['meter', 'histogram'], $meetings[2]->lessons);

        $this->get(route('programme', $course))->assertOk()
            ->assertSee('Your camera, set for you')
            ->assertSee('students do not see it yet');
        $this->assertStringContainsString(
            'SUMMARY:The meter and its mid-grey',
            (string) $this->get(route('courses.calendar', $course))->getContent(),
        );
    }

    public function test_without_dates_only_the_first_brief_is_shown(): void
    {
        $world = World::make();
        $course = $this->fresh($world);
        app(FollowTemplate::class)->handle($course, $this->template('afternoon'), null);
        $this->assertSame(
            [false, true, true, true],
            $course->setBriefs()->reorder()->orderBy('id')->get()->pluck('is_hidden')->all(),
        );
        $this->assertSame(0, $course->meetings()->whereNotNull('starts_at')->count());
        // What the course has already stays its own.
        $before = $course->setBriefs()->count();
        app(FollowTemplate::class)->handle($course, $this->template('afternoon'), null);
        $this->assertSame($before, $course->setBriefs()->count());
    }

    public function test_students_who_are_there_already_hear_of_the_one_brief_that_is_shown(): void
    {
        $world = World::make();
        Reminders::opened();
        app(FollowTemplate::class)->handle($world->course, $this->template('afternoon'), null);
        $this->assertSame($world->course->people(Role::Student)->count(), Reminders::opened());
        $this->assertSame(0, Reminders::opened(), 'once');
    }

    public function test_a_student_sees_what_is_on_now_and_nothing_that_opens_later(): void
    {
        $this->travelTo('2026-05-04 08:00:00');
        $world = World::make();
        $first = Carbon::parse('2026-05-04 10:00');
        app(FollowTemplate::class)->handle($world->course, $this->template('five-days'), $first);
        $page = fn () => $this->actingAs($world->student)->get(route('courses.show', $world->course))->assertOk();
        $page()->assertSee('Three controls')->assertSee('2 briefs follow')->assertDontSee('The meter and the tones');
        $this->travelTo('2026-05-04 12:00:00');
        $page()->assertSee('Three controls')->assertDontSee('briefs follow');
        // On the second day that is what is on; a quarter of an hour before, the first still was.
        $this->travelTo('2026-05-05 09:45:00');
        $page()->assertSee('Three controls');
        $this->travelTo('2026-05-05 10:00:01');
        $page()->assertSee('The meter and the tones')->assertDontSee('Depth, focus and faces');
        // Three days after the last it is over, but stays until there is another.
        $this->travelTo('2026-05-20 10:00:00');
        $page()->assertSee('A picture with a reason');
        $programme = $this->actingAs($world->student)->get(route('programme', $world->course))->assertOk();
        $programme->assertSee('Depth, focus and faces')->assertDontSee('Add a meeting')->assertDontSee('Change');
        $this->travelTo('2026-05-04 12:00:00');
        $hidden = $world->course->setBriefs()->where('brief_id', 'face-and-eyes')->sole();
        $title = $hidden->content()->words->title;
        $this->actingAs($world->student)->get(route('programme', $world->course))->assertDontSee($title);
        Attempt::query()->create([
            'set_brief_id' => $hidden->id,
            'user_id' => $world->student->id,
            'number' => 1,
            'state' => AttemptState::Draft,
        ]);
        $this->actingAs($world->student)->get(route('programme', $world->course))->assertSee($title);
    }

    public function test_meetings_are_added_changed_and_taken_out(): void
    {
        $world = World::make();
        $this->actingAs($world->instructor)
            ->post(route('programme.store', $world->course), [
                'meeting' => 'new',
                'title' => 'An evening at the kiln',
                'starts' => '2026-09-01T19:00',
                'lessons' => ['light'],
                'drills' => ['place'],
                'briefs' => [(string) $world->setBrief->id],
            ])
            ->assertSessionHasNoErrors();
        $meeting = $world->course->meetings()->sole();
        $this->assertSame($meeting->id, $world->setBrief->refresh()->meeting_id);
        $this->get(route('programme', $world->course))->assertSee('Light and its direction');

        // What is refused is kept in its own form, and nothing is changed.
        $this->from(route('programme', $world->course))
            ->put(route('meetings.update', $meeting), [
                'meeting' => (string) $meeting->id,
                'title' => 'Another evening',
                'starts' => 'soon',
                'lessons' => ['no such'],
            ])
            ->assertSessionHasErrors(['starts', 'lessons.0']);
        $this->get(route('programme', $world->course))->assertSee('value="Another evening"', false);
        $this->assertSame('An evening at the kiln', $meeting->refresh()->title);

        $this->put(route('meetings.update', $meeting), ['title' => 'Another evening'])->assertSessionHasNoErrors();
        $this->assertSame(['Another evening', null, []], [
            $meeting->refresh()->title, $meeting->starts_at, $meeting->lessons,
        ]);
        $this->assertNull($world->setBrief->refresh()->meeting_id);
        $this->post(route('programme.follow', $world->course), ['template' => 'afternoon'])
            ->assertSessionHas('problem');
        $this->delete(route('meetings.destroy', $meeting))->assertRedirect();
        $this->assertSame(0, $world->course->meetings()->count());
        $this->assertTrue(SetBrief::query()->whereKey($world->setBrief->id)->exists());
        $this->post(route('programme.follow', $world->course), ['template' => 'no such'])->assertSessionHas('problem');
        $this->post(route('programme.follow', $world->course), ['template' => 'afternoon'])->assertSessionHas('done');
        $this->assertSame(3, $world->course->meetings()->count());
    }

    public function test_a_brief_of_another_course_is_taken_into_no_meeting(): void
    {
        $world = World::make();
        $other = $this->fresh($world);
        $this->actingAs($world->instructor)
            ->post(route('programme.store', $other), ['title' => 'Evening', 'briefs' => [$world->setBrief->id]]);
        $this->assertNull($world->setBrief->refresh()->meeting_id);
    }

    public function test_the_next_run_of_a_course_meets_as_often(): void
    {
        $world = World::make();
        $course = $this->fresh($world);
        app(FollowTemplate::class)->handle($course, $this->template('five-days'), Carbon::parse('2026-05-04 10:00'));
        $copy = app(CopyCourse::class)->handle(
            $course,
            $world->instructor,
            'Autumn',
            Carbon::parse('2026-10-05'),
        );
        $this->assertSame(
            ['2026-10-05 10:00', '2026-10-06 10:00'],
            $copy->meetings()->limit(2)->get()->map(
                fn (Meeting $one): ?string => $one->starts_at?->format('Y-m-d H:i'),
            )->all(),
        );
        $this->assertSame(
            ['first-settings', 'same-light-three-ways'],
            $copy->meetings()->first()?->setBriefs()->pluck('brief_id')->sort()->values()->all(),
        );
    }

    private function template(string $id): CourseTemplate
    {
        return CourseTemplate::find($id) ?? $this->fail('There is no template '.$id);
    }

    private function fresh(World $world): Course
    {
        $course = Course::query()->create([
            'name' => 'Fresh',
            'join_code' => Course::newJoinCode(),
            'approach' => [],
            'timezone' => 'UTC',
        ]);
        $course->memberships()->create(['user_id' => $world->instructor->id, 'role' => 'instructor']);

        return $course;
    }
}
