<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\CopyCourse;
use App\Courses\CourseBoard;
use App\Http\Requests\CopyCourseRequest;
use App\Models\Course;
use App\Models\Role;
use App\Trail\Trail;
use App\Trail\TrailEvent;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\View\View;

/** What an instructor does with a course as a whole: its list of briefs, its invitation, its end and its next run. */
final class CourseRunController extends Controller
{
    public function briefs(Course $course): View
    {
        return view('courses.briefs', [
            'course' => $course,
            'briefs' => CourseBoard::of($course)->briefs(),
            'isArranged' => $course->setBriefs()->whereNotNull('position')->exists(),
        ]);
    }

    /** Large enough to be read from the last row. */
    public function invitation(Course $course): View
    {
        return view('courses.invitation', [
            'course' => $course,
            'teachers' => $course->people(Role::Instructor)->pluck('name')->all(),
            'link' => route('join', ['code' => $course->join_code]),
        ]);
    }

    public function archive(Request $request, Course $course): RedirectResponse
    {
        $course->update(['archived_at' => $course->archived_at ?? now()]);
        Trail::note($course, $this->user($request), TrailEvent::Archived);

        return redirect()
            ->route('courses.settings', $course)
            ->with('done', 'The course is archived: everybody reads what is theirs, and nothing is handed in.');
    }

    public function reopen(Request $request, Course $course): RedirectResponse
    {
        $course->update(['archived_at' => null]);
        Trail::note($course, $this->user($request), TrailEvent::Reopened);

        return redirect()->route('courses.settings', $course)->with('done', 'The course is open again.');
    }

    public function copy(CopyCourseRequest $request, Course $course, CopyCourse $copy): RedirectResponse
    {
        $input = $request->validated();
        $made = $copy->handle(
            $course,
            $this->user($request),
            $input['copy_name'],
            isset($input['first_day']) ? Carbon::parse($input['first_day']) : null,
        );
        Trail::note($course, $this->user($request), TrailEvent::Copied);

        return redirect()
            ->route('courses.briefs', $made)
            ->with('done', 'The next course is there, with a code of its own. Look over its dates.');
    }
}
