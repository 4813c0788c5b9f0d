<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\AccountLog;
use App\Accounts\AddressUsers;
use App\Accounts\Devices;
use App\Accounts\Links;
use App\Http\Requests\ForgottenPasswordRequest;
use App\Http\Requests\NewPasswordRequest;
use App\Http\Requests\PasswordByHandRequest;
use App\Jobs\SendPasswordLink;
use App\Letterbox\Letterbox;
use App\Models\PasswordRequest;
use App\Models\SignInChange;
use App\Models\User;
use App\Notices\SignInChanged;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\View\View;

/** A forgotten password: by mail, or by a link that was made by hand. */
final class PasswordController extends Controller
{
    public function forgotten(): View
    {
        return view('account.forgotten', ['hasMail' => Letterbox::mailArrives()]);
    }

    public function send(ForgottenPasswordRequest $request): RedirectResponse
    {
        $input = $request->validated();
        // Whatever comes of it, a stranger reads the same, and waits as long for it.
        SendPasswordLink::dispatch($input['email']);

        return redirect()
            ->route('password.forgotten')
            ->with(
                'done',
                'If an account has confirmed this address, a mail is on its way to it. The link counts for an hour.',
            );
    }

    public function edit(Request $request, string $token): View
    {
        return view('account.new-password', [
            'action' => route('password.update'),
            'token' => $token,
            'email' => (string) $request->query('email'),
            'isMethodPut' => true,
        ]);
    }

    public function update(NewPasswordRequest $request): RedirectResponse
    {
        $input = $request->validated();
        $status = Password::reset(
            [...$input, AddressUsers::BY_ADDRESS => true],
            function (User $user, string $password): void {
                self::set($user, $password);
            },
        );

        return $status === Password::PASSWORD_RESET
            ? redirect()->route('sign-in')->with('done', 'The new password is set. Sign in with it.')
            : back()->withErrors([
                'password' => 'This link has been used, is older than an hour, or belongs to another address. Ask for '.
                    'a new one.',
            ]);
    }

    /** The link that an instructor or an operator made. */
    public function byHand(Request $request, User $user, string $was): View
    {
        $asked = Links::passwordRequest($user, $was, $request->query('asked')) ?? abort(410);
        if (! $asked->counts()) {
            return view('account.not-yet', ['from' => $asked->counts_from, 'until' => $asked->ends_at]);
        }

        return view('account.new-password', [
            'action' => $request->fullUrl(),
            'token' => null,
            'email' => $user->email,
            'isMethodPut' => false,
        ]);
    }

    public function storeByHand(PasswordByHandRequest $request, User $user, string $was): RedirectResponse
    {
        $input = $request->validated();
        self::set($user, $input['password']);

        return redirect()->route('sign-in')->with('done', 'The new password is set. Sign in with it.');
    }

    private static function set(User $user, string $password): void
    {
        $user->update(['password' => $password]);
        PasswordRequest::close($user);
        // Whoever knew the old one is out.
        Devices::signOutAll($user);
        $user->notify(new SignInChanged(SignInChange::Password));
        AccountLog::note('Password set by a link', $user->id, request());
    }
}
