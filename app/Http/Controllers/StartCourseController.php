<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\NewAccount;
use App\Briefs\CourseTemplate;
use App\Briefs\FollowTemplate;
use App\Courses\StartingCourses;
use App\Http\Requests\StartCourseRequest;
use App\Models\Course;
use App\Models\Role;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

/** Begins a course; whoever begins it teaches it. */
final class StartCourseController extends Controller
{
    public function create(Request $request): View|Response
    {
        $here = StartingCourses::here();
        if (! $here->isFor($request->user()) && $here->invitation($request) === null) {
            return response()->view('courses.start-closed', status: 403);
        }

        return view('courses.start', [
            // With the invitation, where there is one.
            'action' => $request->fullUrl(),
            'zones' => DateTimeZone::listIdentifiers(),
            'templates' => CourseTemplate::all(),
        ]);
    }

    public function store(StartCourseRequest $request, FollowTemplate $follow): RedirectResponse
    {
        $template = CourseTemplate::find((string) $request->validated('template'));
        $here = StartingCourses::here();
        $invitation = $here->isFor($request->user()) ? null : $here->invitation($request);
        $course = DB::transaction(function () use ($request, $template, $follow, $invitation): Course {
            // Two who follow one link at once start one course.
            abort_if($invitation !== null && ! $invitation->take(), 403);
            $user =
                $request->user() ??
                NewAccount::make(
                    $request->validated('name'),
                    $request->validated('email'),
                    $request->validated('password'),
                );
            $course = Course::query()->create([
                'name' => $request->validated('course'),
                'place' => $request->validated('place'),
                'timezone' => $request->validated('timezone') ?? 'UTC',
                'join_code' => Course::newJoinCode(),
                'critic_code' => Course::newJoinCode(),
                'approach' => [],
            ]);
            $course->memberships()->create(['user_id' => $user->id, 'role' => Role::Instructor]);
            $first = $course->parseMoment($request->validated('first'));
            if ($template !== null) {
                $follow->handle($course, $template, $first);
            } elseif ($first !== null) {
                // A date that somebody gave is never dropped.
                $course->meetings()->create(['title' => 'First meeting', 'starts_at' => $first]);
            }
            Auth::login($user);

            return $course;
        });
        $request->session()->regenerate();

        return $template === null
            ? redirect()
                ->route('courses.show', $course)
                ->with('done', 'The course is there. Set its first brief, and give the code to your students.')
            : redirect()
                ->route('programme', $course)
                ->with('done', 'The course is there, with its programme. Give the code to your students.');
    }
}
