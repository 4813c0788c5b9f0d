<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\Attempt;
use Closure;
use Illuminate\Support\Facades\DB;

/** Changes an attempt while nobody else can: in a transaction, with its row locked. */
final class LockedAttempt
{
    /** Of a transaction that meets another. */
    private const TRIES = 3;

    /**
     * @template T
     *
     * @param  Closure(Attempt): T  $change  given the attempt as it is now
     * @return T
     */
    public static function change(int $attemptId, Closure $change): mixed
    {
        return DB::transaction(
            fn (): mixed => $change(Attempt::query()->lockForUpdate()->findOrFail($attemptId)),
            self::TRIES,
        );
    }
}
