<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\PasswordRequest;
use App\Models\PasswordWay;
use App\Models\User;
use Illuminate\Support\Facades\URL;

/** Signed links that prove something of whoever follows them. */
final class Links
{
    private const CONFIRM_DAYS = 7;

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

    /** Lets somebody set a new password once, while what was asked for is open. */
    public static function password(PasswordRequest $request): string
    {
        return URL::temporarySignedRoute('password.by-hand', $request->ends_at, [
            'user' => $request->user_id,
            'was' => self::mark((string) $request->user->password),
            'asked' => $request->id,
        ]);
    }

    /** What a link for a password was made by; null where a password was set since, or its person stopped it. */
    public static function passwordRequest(User $user, string $mark, mixed $asked): ?PasswordRequest
    {
        $request = is_numeric($asked) ? PasswordRequest::open($user)->find((int) $asked) : null;

        if ($request === null || $user->password === null || ! hash_equals(self::mark($user->password), $mark)) {
            return null;
        }
        // An account may have come to hold more since the link was made.
        $holds = $request->way !== PasswordWay::Link
            || ($request->askedBy !== null && VouchForAccount::way($user, $request->askedBy) === PasswordWay::Link);

        return $holds ? $request : null;
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
