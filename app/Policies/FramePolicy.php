<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Frame;
use App\Models\User;

/** A frame is its attempt's. */
final class FramePolicy
{
    public function __construct(private readonly AttemptPolicy $attempts)
    {
    }

    public function view(User $user, Frame $frame): bool
    {
        return $this->attempts->own($user, $frame->attempt) || $this->attempts->critique($user, $frame->attempt);
    }

    public function prepare(User $user, Frame $frame): bool
    {
        return $this->attempts->prepare($user, $frame->attempt);
    }

    /** Its student alone. */
    public function goBackFor(User $user, Frame $frame): bool
    {
        return $this->attempts->own($user, $frame->attempt);
    }

    public function critique(User $user, Frame $frame): bool
    {
        return $this->attempts->critique($user, $frame->attempt);
    }

    public function decide(User $user, Frame $frame): bool
    {
        return $this->attempts->decide($user, $frame->attempt);
    }
}
