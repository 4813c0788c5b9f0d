<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Briefs\CourseTemplate;
use App\Briefs\FollowTemplate;
use App\Courses\Roles;
use App\Http\Requests\FollowTemplateRequest;
use App\Http\Requests\MeetingRequest;
use App\Models\Course;
use App\Models\Meeting;
use App\Models\Role;
use App\Practice\Lesson;
use App\View\Presenters\Programme;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;
use TruePupil\Core\Drill\DrillKind;

/** When a course meets, and what is read, practised and set each time. */
final class ProgrammeController extends Controller
{
    public function __construct(private readonly Roles $roles)
    {
    }

    public function index(Request $request, Course $course): View
    {
        $role = $this->roles->in($course, $this->user($request));

        return view('courses.programme', [
            'course' => $course,
            'teaches' => $role === Role::Instructor,
            'programme' => Programme::of($course, $role === Role::Student ? $this->user($request) : null),
            'templates' => CourseTemplate::all(),
            'lessons' => Lesson::all(),
            'drills' => DrillKind::cases(),
        ]);
    }

    public function store(MeetingRequest $request, Course $course): RedirectResponse
    {
        $meeting = DB::transaction(function () use ($request, $course): Meeting {
            $meeting = $course->meetings()->create($request->meeting($course));
            $request->assign($meeting);

            return $meeting;
        });

        return redirect()
            ->to(route('programme', $course).'#meeting-'.$meeting->id)
            ->with('done', 'The meeting is in the programme.');
    }

    /** A ready course, where no meeting is planned yet. */
    public function follow(FollowTemplateRequest $request, Course $course, FollowTemplate $follow): RedirectResponse
    {
        $given = $request->validated();
        $template = CourseTemplate::find($given['template']);
        if ($template === null || $course->meetings()->exists()) {
            return back()->with('problem', 'A ready course is taken into an empty programme. Nothing was changed.');
        }
        $follow->handle($course, $template, $course->parseMoment($given['first'] ?? null));

        return redirect()->route('programme', $course)->with('done', 'The programme is there. Change what you like.');
    }

    public function update(MeetingRequest $request, Meeting $meeting): RedirectResponse
    {
        DB::transaction(function () use ($request, $meeting): void {
            $meeting->update($request->meeting($meeting->course));
            $request->assign($meeting);
        });

        return redirect()
            ->to(route('programme', $meeting->course).'#meeting-'.$meeting->id)
            ->with('done', 'The meeting is changed. Dates of its briefs stay as they are.');
    }

    public function destroy(Meeting $meeting): RedirectResponse
    {
        $meeting->delete();

        return redirect()
            ->route('programme', $meeting->course)
            ->with('done', 'The meeting is out of the programme; its briefs stay set.');
    }
}
