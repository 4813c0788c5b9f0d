<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\ClaimAccount;
use App\Http\Requests\ClaimRequest;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

/** Takes over an account that came with a course from another installation. */
final class ClaimController extends Controller
{
    public function show(Request $request, User $user): View
    {
        abort_unless($user->isUnclaimed(), 410);

        return view('account.claim', [
            'unclaimed' => $user,
            'courses' => $user->courses()->get(),
            'url' => $request->fullUrl(),
        ]);
    }

    public function store(ClaimRequest $request, User $user): RedirectResponse
    {
        $own = $request->user();
        if ($own instanceof User) {
            ClaimAccount::into($user, $own);

            return redirect()->route('home')->with('done', 'It is all in your account now.');
        }
        $input = $request->validated();
        ClaimAccount::asNew($user, $input['name'], $input['email'], $input['password']);
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->route('home')->with('done', 'The account is yours.');
    }
}
