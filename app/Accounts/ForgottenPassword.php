<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use App\Notices\PasswordLetter;
use Illuminate\Support\Facades\Password;

/** Sends the link for a forgotten password to an address, if an account has confirmed it. */
final class ForgottenPassword
{
    public function handle(string $address): void
    {
        Password::sendResetLink(['email' => $address], function (User $user, string $token): void {
            $user->notify(new PasswordLetter($token));
        });
    }
}
