<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Course;
use App\Models\User;

final class CoursePolicy
{
    public function view(User $user, Course $course): bool
    {
        return $user->roleIn($course) !== null;
    }

    public function critique(User $user, Course $course): bool
    {
        return $user->critiques($course);
    }

    public function teach(User $user, Course $course): bool
    {
        return $user->teaches($course);
    }
}
