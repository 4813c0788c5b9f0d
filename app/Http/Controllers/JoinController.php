<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\NewAccount;
use App\Accounts\Secrets;
use App\Http\Requests\JoinRequest;
use App\Models\Course;
use App\Models\Membership;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

final class JoinController extends Controller
{
    public function create(Request $request): View
    {
        $code = (string) $request->query('code', '');
        // Whoever has the code is meant to see what it opens.
        [$course, $role] = Course::withCode($code) ?? [null, null];

        return view('join.create', [
            'code' => $code,
            'course' => $course,
            'role' => $role,
            'teachers' => $course?->people(Role::Instructor)->pluck('name')->all() ?? [],
        ]);
    }

    public function store(JoinRequest $request): RedirectResponse
    {
        $found = Course::withCode($request->string('code')->toString());
        if ($found === null) {
            return back()
                ->withInput($request->except(Secrets::FIELDS))
                ->withErrors([
                    'code' => 'No course has this code. Ask the instructor; the letters I, O, S and the digits 0, 1, '.
                        '2, 5, 8 never appear in one.',
                ]);
        }
        [$course, $role] = $found;
        DB::transaction(function () use ($request, $course, $role): void {
            $user = $request->user() ?? self::newcomer($request);
            // Joining twice changes nothing, least of all a role.
            Membership::query()->createOrFirst(['course_id' => $course->id, 'user_id' => $user->id], ['role' => $role]);
            Auth::login($user);
        });
        $request->session()->regenerate();

        return redirect()
            ->route('courses.show', $course)
            ->with('done', 'You have joined '.$course->name.'.');
    }

    private static function newcomer(JoinRequest $request): User
    {
        return NewAccount::make(
            $request->validated('name'),
            $request->validated('email'),
            $request->validated('password'),
        );
    }
}
