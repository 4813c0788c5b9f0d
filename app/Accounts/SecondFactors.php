<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\Role;
use App\Models\SecondFactor;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use SensitiveParameter;

/** A code from a device beside the password: who has one, who has to, and whether one is right. */
final class SecondFactors
{
    /** In the session: whose password was right, and is to be followed by a code. */
    public const WAITING = 'second-factor';

    /** Minutes in which the code has to come. */
    public const MINUTES = 10;

    private const RECOVERY_CODES = 8;

    private const BYTES = 20;

    /** Steps by which a clock may be off. */
    private const OFF = 1;

    public static function of(User $user): ?SecondFactor
    {
        return SecondFactor::query()->where('user_id', $user->id)->whereNotNull('confirmed_at')->first();
    }

    public static function pending(User $user): ?SecondFactor
    {
        return SecondFactor::query()->where('user_id', $user->id)->whereNull('confirmed_at')->first();
    }

    /** Whether the installation asks it of somebody: whoever teaches or runs the service, or everybody. */
    public static function isRequiredOf(User $user): bool
    {
        return match (config('pupil.second_factor')) {
            'everybody' => true,
            'teachers' => $user->is_operator
                || $user->memberships()->where('role', Role::Instructor)->exists(),
            default => false,
        };
    }

    /** A new secret, which counts once a code of it was right. */
    public static function begin(User $user): void
    {
        SecondFactor::query()->where('user_id', $user->id)->whereNull('confirmed_at')->delete();
        SecondFactor::query()->create([
            'user_id' => $user->id,
            'secret' => OneTimeCode::readable(random_bytes(self::BYTES)),
        ]);
    }

    /** @return ?list<string> codes to keep for a lost device, told this once; null where the code was wrong */
    public static function confirm(SecondFactor $factor, string $code): ?array
    {
        if (! self::isRight($factor, $code)) {
            return null;
        }
        $codes = array_map(fn (string $code): string => rtrim($code, '-'), array_map(
            fn (): string => Str::lower(chunk_split(OneTimeCode::readable(random_bytes(10)), 8, '-')),
            range(1, self::RECOVERY_CODES),
        ));
        $factor->update(['confirmed_at' => now(), 'recovery' => array_map(self::sum(...), $codes)]);

        return $codes;
    }

    /** Whether a code of the device, or one that was kept, counts now. It counts once. */
    public static function takes(SecondFactor $factor, #[SensitiveParameter] string $code): bool
    {
        return DB::transaction(function () use ($factor, $code): bool {
            $factor = SecondFactor::query()->lockForUpdate()->findOrFail($factor->id);
            if (self::isRight($factor, $code)) {
                return true;
            }
            $left = array_values(array_diff($factor->recovery, [self::sum($code)]));
            $isKept = count($left) < count($factor->recovery);
            $isKept && $factor->update(['recovery' => $left]);

            return $isKept;
        });
    }

    public static function address(SecondFactor $factor, User $user): string
    {
        $name = (string) config('app.name');

        return sprintf(
            'otpauth://totp/%s:%s?secret=%s&issuer=%s',
            rawurlencode($name),
            rawurlencode((string) $user->email),
            $factor->secret,
            rawurlencode($name),
        );
    }

    private static function isRight(SecondFactor $factor, string $code): bool
    {
        $code = (string) preg_replace('/\s+/', '', $code);
        $now = OneTimeCode::step((int) now()->timestamp);
        $secret = OneTimeCode::bytes($factor->secret);
        for ($step = $now - self::OFF; $step <= $now + self::OFF; $step++) {
            if ($step > $factor->last_step && hash_equals(OneTimeCode::at($secret, $step), $code)) {
                $factor->update(['last_step' => $step]);

                return true;
            }
        }

        return false;
    }

    private static function sum(string $code): string
    {
        return hash_hmac('sha256', Str::lower(trim($code)), (string) config('app.key'));
    }
}
