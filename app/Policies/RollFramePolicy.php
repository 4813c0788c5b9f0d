<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\RollFrame;
use App\Models\User;

final class RollFramePolicy
{
    /** A roll is nobody else's business. */
    public function own(User $user, RollFrame $rollFrame): bool
    {
        return $rollFrame->user_id === $user->id;
    }
}
