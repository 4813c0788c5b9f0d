<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\SetBrief;
use App\Models\User;

final class SetBriefPolicy
{
    public function view(User $user, SetBrief $setBrief): bool
    {
        return $user->roleIn($setBrief->course) !== null;
    }

    public function critique(User $user, SetBrief $setBrief): bool
    {
        return $user->critiques($setBrief->course);
    }

    public function handIn(User $user, SetBrief $setBrief): bool
    {
        return $user->roleIn($setBrief->course) === Role::Student;
    }
}
