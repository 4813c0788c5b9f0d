<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Course;
use App\Models\Role;
use App\Models\User;

final class CoursePolicy
{
    public function view(User $user, Course $course): bool
    {
        return $user->roleIn($course) !== null;
    }

    /** Instructor and guest critics see what is handed in. */
    public function critique(User $user, Course $course): bool
    {
        return in_array($user->roleIn($course), [Role::Instructor, Role::Critic], true);
    }

    public function teach(User $user, Course $course): bool
    {
        return $user->teaches($course);
    }
}
