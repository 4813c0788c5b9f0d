<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\AccountLog;
use App\Accounts\SecondFactors;
use App\Http\Requests\DropFactorRequest;
use App\Http\Requests\FactorCodeRequest;
use App\Models\SecondFactor;
use App\Models\SignInChange;
use App\Models\User;
use App\Notices\SignInChanged;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

/** A second factor: set up, asked for on signing in, and taken off. */
final class SecondFactorController extends Controller
{
    public function ask(Request $request): View|RedirectResponse
    {
        return $this->waiting($request) === null ? redirect()->route('sign-in') : view('session.code');
    }

    public function answer(FactorCodeRequest $request): RedirectResponse
    {
        $user = $this->waiting($request);
        if ($user === null) {
            return redirect()->route('sign-in')->with('problem', 'That took too long. Sign in again.');
        }
        $factor = SecondFactors::of($user);
        if ($factor !== null && ! SecondFactors::takes($factor, $request->code())) {
            AccountLog::note('Code refused', $user->id, $request);

            return back()->withErrors(['code' => 'This code does not count. Each counts once, and for half a minute.']);
        }
        $remember = (bool) $request->session()->pull(SecondFactors::WAITING.'.remember');
        $request->session()->forget(SecondFactors::WAITING);
        Auth::login($user, $remember);
        $request->session()->regenerate();

        return redirect()->intended(route('home'));
    }

    public function begin(DropFactorRequest $request): RedirectResponse
    {
        if (SecondFactors::of($this->user($request)) === null) {
            SecondFactors::begin($this->user($request));
        }

        return redirect()->to(route('account').'#factor');
    }

    public function confirm(FactorCodeRequest $request): RedirectResponse
    {
        $factor = SecondFactors::pending($this->user($request)) ?? abort(410);
        $codes = SecondFactors::confirm($factor, $request->code());
        if ($codes === null) {
            return redirect()->to(route('account').'#factor')
                ->withErrors(['code' => 'This code is not right. Is the clock of your device?']);
        }
        AccountLog::note('Second factor set', $factor->user_id, $request);
        $this->user($request)->notify(new SignInChanged(SignInChange::FactorSet));

        return redirect()->to(route('account').'#factor')->with('recovery', $codes);
    }

    public function destroy(DropFactorRequest $request): RedirectResponse
    {
        $user = $this->user($request);
        SecondFactor::query()->where('user_id', $user->id)->delete();
        AccountLog::note('Second factor taken off', $user->id, $request);
        $user->notify(new SignInChanged(SignInChange::FactorOff));

        return redirect()->route('account')->with('done', 'The second factor is off.');
    }

    private function waiting(Request $request): ?User
    {
        $waiting = $request->session()->get(SecondFactors::WAITING);

        return is_array($waiting) && ($waiting['until'] ?? 0) > now()->timestamp
            ? User::query()->find((int) ($waiting['user'] ?? 0))
            : null;
    }
}
