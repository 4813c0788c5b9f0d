<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\User;

final class AttemptPolicy
{
    /** The owner may change it until it is handed in. */
    public function prepare(User $user, Attempt $attempt): bool
    {
        return $attempt->user_id === $user->id;
    }

    /** Instructor and guest critics see it from the moment it is handed in. */
    public function critique(User $user, Attempt $attempt): bool
    {
        return $attempt->state !== AttemptState::Draft && $user->critiques($attempt->setBrief->course);
    }

    /** Only the instructor decides on findings, and publishes. */
    public function decide(User $user, Attempt $attempt): bool
    {
        return $attempt->state !== AttemptState::Draft && $user->teaches($attempt->setBrief->course);
    }

    /** Its student answers a return, and plans what comes next. */
    public function answer(User $user, Attempt $attempt): bool
    {
        return $attempt->state === AttemptState::Returned && $attempt->user_id === $user->id;
    }

    public function readReturn(User $user, Attempt $attempt): bool
    {
        return $attempt->state === AttemptState::Returned &&
            ($attempt->user_id === $user->id || $this->critique($user, $attempt));
    }
}
