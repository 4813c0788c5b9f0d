<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;

/** Makes an address count, once its link has been followed. */
final class ConfirmAddress
{
    /** @return bool false where another account has confirmed the same address before */
    public static function handle(User $user): bool
    {
        $address = Links::addressToConfirm($user);
        if ($address === null) {
            return true;
        }
        try {
            $user->forceFill(['email' => $address, 'email_verified_at' => now(), 'pending_email' => null])->save();
        } catch (UniqueConstraintViolationException) {
            return false;
        }

        return true;
    }
}
