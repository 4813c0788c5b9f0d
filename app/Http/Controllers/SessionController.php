<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\AccountLog;
use App\Accounts\SecondFactors;
use App\Courses\StartingCourses;
use App\Http\Requests\SignInRequest;
use App\Models\User;
use App\Reach\OwnMachine;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

final class SessionController extends Controller
{
    public function create(): View
    {
        return view('session.create', ['mayStart' => StartingCourses::here() === StartingCourses::Open]);
    }

    public function store(SignInRequest $request): RedirectResponse
    {
        $credentials = $request->validated();
        if (
            hash_equals((string) config('pupil.demo.password'), $credentials['password']) &&
            ! OwnMachine::asks($request)
        ) {
            return back()
                ->withInput($request->only('email'))
                ->withErrors([
                    'password' => 'This is the password of the demo, which everybody can read: it counts only on the '.
                        'machine that the demo runs on. Whoever runs it can make a link for a password of your own.',
                ]);
        }
        $waits = null;
        $isIn = Auth::attemptWhen($credentials, function (User $user) use (&$waits): bool {
            $waits = SecondFactors::of($user) === null ? null : $user;

            return $waits === null;
        }, $request->boolean('remember'));
        if ($waits instanceof User) {
            $request->session()->put(SecondFactors::WAITING, [
                'user' => $waits->id,
                'remember' => $request->boolean('remember'),
                'until' => now()->addMinutes(SecondFactors::MINUTES)->getTimestamp(),
            ]);

            return redirect()->route('sign-in.code');
        }
        if (! $isIn) {
            AccountLog::note('Sign-in refused', null, $request);

            return back()
                ->withInput($request->only('email'))
                ->withErrors([
                    'email' => 'No member has this address and password. Check both; capitals count in the password.',
                ]);
        }
        $request->session()->regenerate();

        return redirect()->intended(route('home'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()
            ->route('sign-in')
            ->with(['done' => 'You have signed out.', 'signed-out' => true]);
    }
}
