<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\FilmRoll;
use App\Models\User;

/** A roll is its owner's. */
final class FilmRollPolicy
{
    public function own(User $user, FilmRoll $filmRoll): bool
    {
        return $filmRoll->user_id === $user->id;
    }
}
