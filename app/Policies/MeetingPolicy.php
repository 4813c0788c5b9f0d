<?php

declare(strict_types=1);

namespace App\Policies;

use App\Courses\Roles;
use App\Models\Meeting;
use App\Models\Role;
use App\Models\User;

/** Whoever teaches a course changes when it meets, and for what. */
final readonly class MeetingPolicy
{
    public function __construct(private Roles $roles)
    {
    }

    public function update(User $user, Meeting $meeting): bool
    {
        return $this->roles->in($meeting->course, $user) === Role::Instructor;
    }
}
