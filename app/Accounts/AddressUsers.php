<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Support\Collection;
use SensitiveParameter;

/**
 * Finds people by address and password. An address that nobody has confirmed may stand in several accounts: whoever
 * typed it first into a form does not own it. The password then tells whose account is meant.
 */
final class AddressUsers extends EloquentUserProvider
{
    /** As many passwords are compared at most: each comparison costs time on purpose. */
    private const MOST = 3;

    /** @param  array<string, mixed>  $credentials */
    public function retrieveByCredentials(#[SensitiveParameter] array $credentials): ?Authenticatable
    {
        $found = self::withAddress((string) ($credentials['email'] ?? ''));
        $password = $credentials['password'] ?? null;
        if (! is_string($password)) {
            // Recovering a password: only an address that is confirmed says whose it is.
            return $found->first(fn (User $user): bool => $user->email_verified_at !== null);
        }

        return $found->first(fn (User $user): bool => $this->hasher->check($password, (string) $user->password)) ??
            $found->first();
    }

    /** @return Collection<int, User> whoever has confirmed it first, then the oldest */
    private static function withAddress(string $address): Collection
    {
        return User::query()
            ->where('email', Address::of($address))
            ->whereNotNull('password')
            ->orderByRaw('email_verified_at is null, id')
            ->limit(self::MOST)
            ->get();
    }
}
