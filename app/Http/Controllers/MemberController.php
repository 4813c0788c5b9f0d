<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\AccountLog;
use App\Accounts\AskForPassword;
use App\Accounts\Links;
use App\Http\Requests\MemberRequest;
use App\Http\Requests\NewCodeRequest;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Membership;
use App\Models\PasswordWay;
use App\Models\Role;
use App\Models\User;
use App\Trail\Trail;
use App\Trail\TrailEvent;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

/** Who is in a course and as what; the codes that people join with. */
final class MemberController extends Controller
{
    public function index(Course $course): View
    {
        return view('courses.members', [
            'course' => $course,
            'members' => $course
                ->memberships()
                ->with('user')
                ->orderByRaw("field(role, 'instructor', 'critic', 'student')")
                ->orderBy('id')
                ->get(),
            'groups' => $course->groups(),
            // What stays when somebody is taken out.
            'handedIn' => Attempt::query()
                ->whereIn('set_brief_id', $course->setBriefs()->reorder()->select('id'))
                ->where('state', '!=', AttemptState::Draft)
                ->groupBy('user_id')
                ->selectRaw('user_id, count(*) as attempts')
                ->pluck('attempts', 'user_id'),
        ]);
    }

    public function update(MemberRequest $request, Course $course, User $user): RedirectResponse
    {
        $input = $request->validated();
        $role = Role::from($input['role']);
        $group = $input['group_name'] ?? null;

        return DB::transaction(function () use ($request, $course, $user, $role, $group): RedirectResponse {
            $membership = $this->membership($course, $user);
            if ($role !== Role::Instructor && $this->isLastInstructor($course, $membership)) {
                return back()->with('problem', 'A course needs an instructor. Make somebody else one first.');
            }
            $isNew = $membership->role !== $role;
            $membership->update(['role' => $role, 'group_name' => $group]);
            if ($isNew) {
                Trail::note($course, $request->user(), TrailEvent::RoleChanged, $role->label(), $user);
                AccountLog::note('Role changed to '.$role->value, $user->id, $request);
            }

            return back()->with(
                'done',
                sprintf(
                    '%s is %s%s.',
                    $user->name,
                    lcfirst($role->label()),
                    $group === null ? '' : ', in group '.$group,
                ),
            );
        });
    }

    /** Leaving takes the membership; what was handed in stays with the course. */
    public function destroy(Request $request, Course $course, User $user): RedirectResponse
    {
        return DB::transaction(function () use ($request, $course, $user): RedirectResponse {
            $membership = $this->membership($course, $user);
            if ($this->isLastInstructor($course, $membership)) {
                return back()->with('problem', 'A course needs an instructor. Make somebody else one first.');
            }
            $membership->delete();
            Trail::note($course, $request->user(), TrailEvent::MemberRemoved, null, $user);

            return redirect()
                ->route('courses.members', $course)
                ->with(
                    'done',
                    sprintf(
                        '%s is no longer in the course. What was handed in is kept; joining again brings it back.',
                        $user->name,
                    ),
                );
        });
    }

    /** A new code; the old one stops working at once. */
    public function code(NewCodeRequest $request, Course $course): RedirectResponse
    {
        $for = $request->validated()['for'];
        $course->update([$for === 'critics' ? 'critic_code' : 'join_code' => Course::newJoinCode()]);
        Trail::note($course, $request->user(), TrailEvent::CodeChanged);

        return redirect()
            ->route('courses.members', $course)
            ->with(
                'done',
                $for === 'critics'
                    ? 'Guest critics join with the new code.'
                    : 'Students join with the new code; the old one no longer works.',
            );
    }

    /** A link to hand over: for a student's new password, or to claim an account that came with the course. */
    public function link(Request $request, Course $course, User $user): RedirectResponse
    {
        $membership = $this->membership($course, $user);
        if ($user->isUnclaimed()) {
            return back()->with('link', ['name' => $user->name, 'url' => Links::claim($user)]);
        }
        if ($membership->role !== Role::Student) {
            return back()->with(
                'problem',
                'You can ask for students alone; whoever runs the installation can make a link for others.',
            );
        }
        Trail::note($course, $request->user(), TrailEvent::PasswordLink, null, $user);
        $asked = AskForPassword::byInstructor($user, $this->user($request), $course);

        return match ($asked->way) {
            PasswordWay::Link => back()->with('link', ['name' => $user->name, 'url' => Links::password($asked)]),
            PasswordWay::Mail => back()->with('done', sprintf(
                'A mail is on its way to the address that %s confirmed. The link in it counts for an hour.',
                $user->name,
            )),
            default => back()->with('done', sprintf(
                '%1$s is told, and sets a new password wherever %1$s is signed in still. If that is nowhere, whoever '.
                    'runs the installation can make a link.',
                $user->name,
            )),
        };
    }

    private function membership(Course $course, User $user): Membership
    {
        return $course->memberships()->where('user_id', $user->id)->lockForUpdate()->firstOrFail();
    }

    private function isLastInstructor(Course $course, Membership $membership): bool
    {
        return $membership->role === Role::Instructor &&
            $course->memberships()->where('role', Role::Instructor)->count() === 1;
    }
}
