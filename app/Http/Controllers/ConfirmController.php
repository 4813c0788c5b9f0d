<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\ConfirmAddress;
use App\Accounts\Links;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** The link that makes an address count. Opening it changes nothing: mail programs open links by themselves. */
final class ConfirmController extends Controller
{
    public function show(User $user, string $address): View
    {
        abort_unless(Links::isForAddress($user, $address), 410);

        return view('account.confirm', ['address' => Links::addressToConfirm($user), 'url' => request()->fullUrl()]);
    }

    public function store(User $user, string $address): RedirectResponse
    {
        abort_unless(Links::isForAddress($user, $address), 410);
        $to = redirect()->route(auth()->check() ? 'account' : 'sign-in');

        return ConfirmAddress::handle($user)
            ? $to->with('done', 'The address is confirmed.')
            : $to->with(
                'problem',
                'Another account has confirmed this address before. Sign in to that one, or use another address here.',
            );
    }
}
