<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use App\Notices\ConfirmAddressLetter;
use Illuminate\Support\Facades\Notification;
use SensitiveParameter;

/** Makes an account. Its address counts once it is confirmed; the account works at once. */
final class NewAccount
{
    public static function make(string $name, string $address, #[SensitiveParameter] string $password): User
    {
        $user = User::query()->create(['name' => $name, 'email' => Address::of($address), 'password' => $password]);
        self::askToConfirm($user);

        return $user;
    }

    /** Sends the link to the address that waits to be confirmed. */
    public static function askToConfirm(User $user): void
    {
        $address = Links::addressToConfirm($user);
        if ($address !== null) {
            Notification::route('mail', $address)->notify(
                new ConfirmAddressLetter(Links::confirm($user), $user->name),
            );
        }
    }
}
