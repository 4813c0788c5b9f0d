<?php

declare(strict_types=1);

namespace App\Letterbox;

use App\Models\User;
use App\Reach\OwnMachine;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Mail that was written down instead of sent. In the demo everybody at its machine may read all of it; elsewhere people
 * read what was meant for their own address, without the links that would prove it to be theirs.
 */
final class Letterbox
{
    private const MOST = 50;

    public static function isInUse(): bool
    {
        return config('mail.default') === 'letterbox';
    }

    public static function isOpenToAll(): bool
    {
        return self::isInUse() && (bool) config('pupil.demo.shown') && OwnMachine::asks(request());
    }

    /** Whether a link that is sent to an address can be followed by whoever has it. */
    public static function mailArrives(): bool
    {
        return ! self::isInUse() || self::isOpenToAll();
    }

    /** @return Collection<int, \stdClass> the latest first */
    public static function of(?User $user): Collection
    {
        return DB::table('letters')
            ->unless(
                self::isOpenToAll(),
                fn (Builder $letters): Builder => $letters
                    ->where('is_secret', false)
                    ->whereIn('to', $user?->email_verified_at === null ? [] : [(string) $user->email]),
            )
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get();
    }
}
