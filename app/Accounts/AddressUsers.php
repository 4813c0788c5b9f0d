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
    /** Among the credentials: the password is the new one, and tells nothing. */
    public const BY_ADDRESS = 'by-address';

    /** As many passwords are compared at most: each comparison costs time on purpose. */
    private const MOST = 6;

    /** Whoever was found by the password just now. */
    private ?User $matched = null;

    /** @param  array<string, mixed>  $credentials */
    public function retrieveByCredentials(#[SensitiveParameter] array $credentials): ?Authenticatable
    {
        $found = self::withAddress((string) ($credentials['email'] ?? ''));
        $password = $credentials['password'] ?? null;
        if (! is_string($password) || isset($credentials[self::BY_ADDRESS])) {
            // Recovering a password: only an address that is confirmed says whose it is.
            return $found->first(fn (User $user): bool => $user->email_verified_at !== null);
        }

        if ($found->isEmpty()) {
            // As long as with somebody: the length of the answer tells nothing of who is known.
            $this->hasher->check($password, self::nobodys());
        }

        return $this->matched = $found->first(
            fn (User $user): bool => $this->hasher->check($password, (string) $user->password),
        );
    }

    /** @param  array<string, mixed>  $credentials */
    public function validateCredentials(Authenticatable $user, #[SensitiveParameter] array $credentials): bool
    {
        return $user === $this->matched || parent::validateCredentials($user, $credentials);
    }

    /** A sum that no password has, as dear to compare as anybody's: made anew it would cost as much again. */
    private static function nobodys(): string
    {
        return sprintf(
            '$2y$%02d$%s%s',
            (int) config('hashing.bcrypt.rounds', 12),
            str_repeat('.', 22),
            str_repeat('.', 31),
        );
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
