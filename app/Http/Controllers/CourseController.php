<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\CourseBoard;
use App\Courses\DeskQueue;
use App\Models\Attempt;
use App\Models\Course;
use App\Models\Role;
use App\Models\SavedPlan;
use Illuminate\Http\Request;
use Illuminate\View\View;

final class CourseController extends Controller
{
    /** Of those who wait, on the course's own page. */
    private const SHOWN = 6;

    public function show(Request $request, Course $course): View
    {
        $role = $request->user()->roleIn($course);
        if ($role === Role::Student) {
            return $this->asStudent($request, $course);
        }
        $board = CourseBoard::of($course);

        return view('courses.show', [
            'course' => $course,
            'role' => $role,
            'briefs' => $board->briefs(),
            'waiting' => DeskQueue::of($course)->waiting($board->briefs(), most: self::SHOWN),
            'members' => $course
                ->memberships()
                ->selectRaw('role, count(*) as people')
                ->groupBy('role')
                ->pluck('people', 'role'),
        ]);
    }

    private function asStudent(Request $request, Course $course): View
    {
        return view('courses.student', [
            'course' => $course,
            'briefs' => CourseBoard::of($course)->listed(),
            'attempts' => Attempt::query()
                ->where('user_id', $request->user()->id)
                ->whereHas('setBrief', fn ($query) => $query->where('course_id', $course->id))
                ->orderBy('number')
                ->get()
                ->groupBy('set_brief_id'),
            'plans' => SavedPlan::query()
                ->where('user_id', $request->user()->id)
                ->whereHas('setBrief', fn ($query) => $query->where('course_id', $course->id))
                ->get(['set_brief_id', 'chosen'])
                ->keyBy('set_brief_id'),
            'instructors' => $course
                ->memberships()
                ->with('user')
                ->where('role', '!=', Role::Student)
                ->orderByRaw("field(role, 'instructor', 'critic')")
                ->get(),
        ]);
    }
}
