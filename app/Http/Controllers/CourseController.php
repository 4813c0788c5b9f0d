<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\BriefCount;
use App\Courses\CourseBoard;
use App\Courses\DeskQueue;
use App\Courses\Roles;
use App\Demo\DemoLoading;
use App\Models\Attempt;
use App\Models\Course;
use App\Models\Role;
use App\Models\SavedPlan;
use App\View\Presenters\FirstStep;
use App\View\Presenters\NextStep;
use App\View\Presenters\Programme;
use App\View\Presenters\StudentBrief;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use Illuminate\View\View;

final class CourseController extends Controller
{
    public function __construct(private readonly Roles $roles)
    {
    }

    /** Of those who wait, on the course's own page. */
    private const SHOWN = 8;

    public function show(Request $request, Course $course): View
    {
        $role = $this->roles->in($course, $this->user($request));
        if ($role === Role::Student) {
            return $this->asStudent($request, $course);
        }
        $briefs = CourseBoard::of($course)->briefs();
        $queue = DeskQueue::of($course);

        return view('courses.show', [
            'course' => $course,
            'role' => $role,
            'briefs' => $briefs,
            'waiting' => $queue->waiting($briefs, most: self::SHOWN),
            'count' => array_sum(array_map(
                fn (BriefCount $one): int => $one->attempts->waiting + $one->attempts->atDesk,
                $briefs,
            )),
            'answers' => $queue->answers($briefs, self::SHOWN),
            'members' => self::people($course),
            'steps' => $role === Role::Instructor ? FirstStep::of($course, $briefs) : [],
            'loading' => DemoLoading::into($course),
        ]);
    }

    /** "One instructor, two guest critics and 12 students". */
    private static function people(Course $course): string
    {
        $counts = $course
            ->memberships()
            ->selectRaw('role, count(*) as people')
            ->groupBy('role')
            ->pluck('people', 'role');
        $words = [];
        foreach (Role::cases() as $role) {
            $count = (int) ($counts[$role->value] ?? 0);
            if ($count > 0) {
                $words[] = ($count === 1 ? 'one' : $count).' '.strtolower($role->label()).($count === 1 ? '' : 's');
            }
        }

        return ucfirst(collect($words)->join(', ', ' and '));
    }

    private function asStudent(Request $request, Course $course): View
    {
        $user = $this->user($request);
        $own = fn (Builder $query): Builder => $query->where('course_id', $course->id);
        $attempts = Attempt::query()
            ->with('frames:id,attempt_id,width')
            ->where('user_id', $user->id)
            ->whereHas('setBrief', $own)
            ->orderBy('number')
            ->get()
            ->groupBy('set_brief_id');
        $plans = SavedPlan::query()
            ->where('user_id', $user->id)
            ->whereHas('setBrief', $own)
            ->get(['set_brief_id', 'chosen'])
            ->keyBy('set_brief_id');
        $board = CourseBoard::of($course);
        $extensions = $board->extensions();
        // What is hidden, a student sees only where it has been begun.
        $briefs = array_values(array_filter(
            $board->listed(),
            fn (BriefCount $brief): bool => ! $brief->hidden || $attempts->has($brief->setBrief),
        ));

        $rows = array_map(
            fn (BriefCount $brief): StudentBrief => StudentBrief::of(
                $brief->extendedTo($extensions[$brief->setBrief][$user->id] ?? null),
                $attempts->get($brief->setBrief, collect()),
                $plans->get($brief->setBrief),
            ),
            $briefs,
        );
        $unread = array_values(array_filter($user->unreadNotifications()->pluck('data')->pluck('path')->all()));

        return view('courses.student', [
            'course' => $course,
            'loading' => DemoLoading::into($course),
            'rows' => $rows,
            'unread' => $unread,
            'next' => NextStep::of($user, $course, $rows, $unread),
            'meeting' => Programme::of($course, $user)->now(),
            'instructors' => $course
                ->memberships()
                ->with('user')
                ->where('role', '!=', Role::Student)
                ->orderByRaw("field(role, 'instructor', 'critic')")
                ->get(),
        ]);
    }
}
