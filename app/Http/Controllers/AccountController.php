<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\AccountLog;
use App\Accounts\Address;
use App\Accounts\Devices;
use App\Accounts\Links;
use App\Accounts\NewAccount;
use App\Accounts\SecondFactors;
use App\Accounts\SignIns;
use App\Accounts\Takeout;
use App\Http\Requests\AccountRequest;
use App\Http\Requests\AddressRequest;
use App\Http\Requests\ChangePasswordRequest;
use App\Http\Requests\DeleteAccountRequest;
use App\Letterbox\Letterbox;
use App\Models\Moments;
use App\Models\NoticeKind;
use App\Models\PasswordRequest;
use App\Models\PasswordWay;
use App\Models\SignInChange;
use App\Notices\AccountWillGo;
use App\Notices\SignInChanged;
use App\Retention\DeleteAccount;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Password;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A person's own account. */
final class AccountController extends Controller
{
    public function show(Request $request): View
    {
        $user = $this->user($request);

        return view('account.show', [
            'user' => $user,
            'hasMail' => Letterbox::mailArrives(),
            'devices' => Devices::of($user, $request->session()->getId()),
            'asked' => PasswordRequest::open($user)->with('course')->latest('id')->first(),
            'signIns' => SignIns::of($user),
            'factor' => SecondFactors::of($user),
            'pendingFactor' => $pending = SecondFactors::pending($user),
            'factorAddress' => $pending === null ? null : SecondFactors::address($pending, $user),
            'isFactorRequired' => SecondFactors::isRequiredOf($user),
            'zones' => DateTimeZone::listIdentifiers(),
            'languages' => Moments::LANGUAGES,
            'kinds' => NoticeKind::optional(),
            'alone' => DeleteAccount::coursesLeftAlone($user),
        ]);
    }

    public function update(AccountRequest $request): RedirectResponse
    {
        $input = $request->validated();
        $user = $this->user($request);
        $user->update([
            ...$input,
            'keeps_location' => $request->boolean('keeps_location'),
            // Somebody who was never asked is asked at hand-in all the same.
            'shows_frames' => $request->boolean('shows_frames') ?: ($user->shows_frames === null ? null : false),
        ]);

        return $this->done('Saved.');
    }

    /** The old address stays in use until the link in the mail to the new one is followed. */
    public function address(AddressRequest $request): RedirectResponse
    {
        $input = $request->validated();
        $user = $this->user($request);
        $isConfirmed = $user->email_verified_at !== null;
        $user->update(
            match (true) {
                $input['email'] === $user->email => ['pending_email' => null],
                // An address that was never confirmed counted for nothing; it can as well be another.
                ! $isConfirmed => ['email' => $input['email'], 'pending_email' => null],
                // Where no mail arrives it would wait for ever.
                ! Letterbox::mailArrives() => [],
                default => ['pending_email' => $input['email']],
            },
        );
        NewAccount::askToConfirm($user);

        return $this->done(
            match (true) {
                $input['email'] === $user->email && $isConfirmed => 'This is your address, and it is confirmed.',
                Letterbox::mailArrives() => 'A mail is on its way to '.$input['email'].'. The address counts when you '.
                    'follow the link in it.',
                $isConfirmed => 'This installation sends no mail, so that a new address cannot be confirmed. The old '.
                    'one stays in use.',
                default => 'Your address is changed. This installation sends no mail, so that it cannot be confirmed.',
            },
        );
    }

    public function confirm(Request $request): RedirectResponse
    {
        NewAccount::askToConfirm($this->user($request));

        return $this->done('The link is on its way once more.');
    }

    public function password(ChangePasswordRequest $request): RedirectResponse
    {
        $user = $this->user($request);
        $input = $request->validated();
        $user->update(['password' => $input['password']]);
        Devices::signOutOthers($user, $request->session());
        $request->session()->regenerate();
        $user->notify(new SignInChanged(SignInChange::Password));

        return $this->done('The password is changed. Every other device is signed out.');
    }

    /** Somebody else asked for a new password: its owner wants one, and sets it here and now. */
    public function takePassword(Request $request, PasswordRequest $passwordRequest): RedirectResponse
    {
        $this->own($request, $passwordRequest);
        abort_unless($passwordRequest->counts() && $passwordRequest->way === PasswordWay::Session, 410);

        return redirect()->to(Links::password($passwordRequest));
    }

    /** Its owner did not ask: whatever link was made is worth nothing. */
    public function stopPassword(Request $request, PasswordRequest $passwordRequest): RedirectResponse
    {
        $this->own($request, $passwordRequest);
        PasswordRequest::close($this->user($request));
        Password::deleteToken($this->user($request));

        return $this->done('It is stopped: your password stays as it is.');
    }

    public function notices(Request $request): RedirectResponse
    {
        $wanted = (array) $request->input('mail', []);
        $this->user($request)->update([
            'no_mail' => array_values(
                array_diff(array_map(fn (NoticeKind $kind): string => $kind->value, NoticeKind::optional()), $wanted),
            ),
        ]);

        return $this->done('Saved. Everything is still told here, under Notices.');
    }

    public function signOutOthers(Request $request): RedirectResponse
    {
        Devices::signOutOthers($this->user($request), $request->session());

        return $this->done('Every other device is signed out.');
    }

    public function takeout(Request $request, Takeout $takeout): BinaryFileResponse
    {
        File::ensureDirectoryExists(storage_path('scratch'));
        $path = storage_path('scratch/takeout-'.bin2hex(random_bytes(8)).'.zip');
        $takeout->write($this->user($request), $path);
        AccountLog::note('Everything taken along', $this->user($request)->id, $request);

        return response()
            ->download($path, 'true-pupil-'.now()->format('Y-m-d').'.zip', ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    public function destroy(DeleteAccountRequest $request): RedirectResponse
    {
        $user = $this->user($request);
        $alone = DeleteAccount::coursesLeftAlone($user);
        if ($alone->isNotEmpty()) {
            return back()->with(
                'problem',
                'Nobody else teaches '.$alone->pluck('name')->join(', ', ' and ').'. Make somebody else an '.
                    'instructor, or delete the course first.',
            );
        }
        $user->update(['delete_at' => now()->addDays(DeleteAccount::GRACE_DAYS)]);
        $user->notify(new AccountWillGo($user->delete_at ?? now()));

        return $this->done(
            sprintf('Your account goes in %d days. Until then you can keep it, here.', DeleteAccount::GRACE_DAYS),
        );
    }

    public function keep(Request $request): RedirectResponse
    {
        $this->user($request)->update(['delete_at' => null]);

        return $this->done('Your account stays.');
    }

    private function own(Request $request, PasswordRequest $passwordRequest): void
    {
        abort_unless($passwordRequest->user_id === $this->user($request)->id, 404);
    }

    private function done(string $message): RedirectResponse
    {
        return redirect()->route('account')->with('done', $message);
    }
}
