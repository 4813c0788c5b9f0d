<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;

/** What happens to accounts, in the installation's log: by number and without names, from a shortened address. */
final class AccountLog
{
    /** @param  string  $what  "Signed in", "Sign-in refused", "Password set", "Role changed", "Taken out" … */
    public static function note(string $what, ?int $account, Request $request): void
    {
        Log::info($what, ['account' => $account, 'from' => self::from($request)]);
    }

    /** The network that a request came from: enough to tell one from another, not who it was. */
    public static function from(Request $request): string
    {
        $address = (string) $request->ip();
        $bytes = @inet_pton($address);

        return match (strlen((string) $bytes)) {
            4 => (string) preg_replace('/\d+$/', 'x', $address),
            // Of a prefix of 48 bits.
            16 => inet_ntop(substr((string) $bytes, 0, 6).str_repeat("\0", 10)).'x',
            default => 'unknown',
        };
    }
}
