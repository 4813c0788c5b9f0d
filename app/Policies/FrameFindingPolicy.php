<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\FrameFinding;
use App\Models\User;

final class FrameFindingPolicy
{
    public function __construct(private readonly AttemptPolicy $attempts)
    {
    }

    public function decide(User $user, FrameFinding $finding): bool
    {
        return $this->attempts->decide($user, $finding->frame->attempt);
    }
}
