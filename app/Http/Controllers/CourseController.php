<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\BriefCount;
use App\Courses\CourseBoard;
use App\Courses\DeskQueue;
use App\Courses\Roles;
use App\Models\Attempt;
use App\Models\Course;
use App\Models\Role;
use App\Models\SavedPlan;
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
    private const SHOWN = 6;

    public function show(Request $request, Course $course): View
    {
        $role = $this->roles->in($course, $this->user($request));
        if ($role === Role::Student) {
            return $this->asStudent($request, $course);
        }
        $board = CourseBoard::of($course);
        $queue = DeskQueue::of($course);
        $waiting = $queue->waiting($board->briefs(), most: self::SHOWN);

        return view('courses.show', [
            'course' => $course,
            'role' => $role,
            'briefs' => $board->briefs(),
            'waiting' => $waiting,
            'facts' => $queue->facts(array_column($waiting, 'attempt')),
            'members' => $course
                ->memberships()
                ->selectRaw('role, count(*) as people')
                ->groupBy('role')
                ->pluck('people', 'role'),
        ]);
    }

    private function asStudent(Request $request, Course $course): View
    {
        $own = fn (Builder $query): Builder => $query->where('course_id', $course->id);
        $attempts = Attempt::query()
            ->where('user_id', $this->user($request)->id)
            ->whereHas('setBrief', $own)
            ->orderBy('number')
            ->get()
            ->groupBy('set_brief_id');
        $plans = SavedPlan::query()
            ->where('user_id', $this->user($request)->id)
            ->whereHas('setBrief', $own)
            ->get(['set_brief_id', 'chosen'])
            ->keyBy('set_brief_id');

        return view('courses.student', [
            'course' => $course,
            'rows' => array_map(
                fn (BriefCount $brief): StudentBrief => StudentBrief::of(
                    $brief,
                    $attempts->get($brief->setBrief, collect()),
                    $plans->get($brief->setBrief),
                ),
                CourseBoard::of($course)->listed(),
            ),
            'instructors' => $course
                ->memberships()
                ->with('user')
                ->where('role', '!=', Role::Student)
                ->orderByRaw("field(role, 'instructor', 'critic')")
                ->get(),
        ]);
    }
}
