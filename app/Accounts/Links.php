<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Support\Facades\URL;

/** Signed links that prove something of whoever follows them. */
final class Links
{
    private const CONFIRM_DAYS = 7;

    private const PASSWORD_HOURS = 24;

    /** Proves that an address is somebody's: the one that waits, else the one in use. */
    public static function confirm(User $user): string
    {
        return URL::temporarySignedRoute('address.confirm', now()->addDays(self::CONFIRM_DAYS), [
            'user' => $user->id,
            'address' => self::mark((string) self::addressToConfirm($user)),
        ]);
    }

    public static function addressToConfirm(User $user): ?string
    {
        return $user->pending_email ?? ($user->email_verified_at === null ? $user->email : null);
    }

    /** Whether a link was made for the address that waits to be confirmed. */
    public static function isForAddress(User $user, string $mark): bool
    {
        return hash_equals(self::mark((string) self::addressToConfirm($user)), $mark);
    }

    /** Lets somebody set a new password once: made by hand, for installations without mail. */
    public static function password(User $user): string
    {
        return URL::temporarySignedRoute('password.by-hand', now()->addHours(self::PASSWORD_HOURS), [
            'user' => $user->id,
            'was' => self::mark((string) $user->password),
        ]);
    }

    /** A password that was set since makes the link worthless. */
    public static function isForPassword(User $user, string $mark): bool
    {
        return $user->password !== null && hash_equals(self::mark($user->password), $mark);
    }

    /** Makes an account that came with a course somebody's own. Worth nothing once that has happened. */
    public static function claim(User $user): string
    {
        return URL::signedRoute('claim', ['user' => $user->id, 'mark' => self::mark('claim '.$user->created_at)]);
    }

    private static function mark(string $secret): string
    {
        return substr(hash_hmac('sha256', $secret, (string) config('app.key')), 0, 24);
    }
}
