<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\NewAccount;
use App\Http\Requests\StartCourseRequest;
use App\Models\Course;
use App\Models\Role;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

/** Begins a course; whoever begins it teaches it. */
final class StartCourseController extends Controller
{
    public function create(): View
    {
        return view('courses.start', ['zones' => DateTimeZone::listIdentifiers()]);
    }

    public function store(StartCourseRequest $request): RedirectResponse
    {
        $course = DB::transaction(function () use ($request): Course {
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
            Auth::login($user);

            return $course;
        });
        $request->session()->regenerate();

        return redirect()
            ->route('courses.show', $course)
            ->with('done', 'The course is there. Set its first brief, and give the code to your students.');
    }
}
