<?php

declare(strict_types=1);

namespace App\Policies;

use App\Courses\Roles;
use App\Models\Course;
use App\Models\Role;
use App\Models\User;

final readonly class CoursePolicy
{
    public function __construct(private Roles $roles)
    {
    }

    public function view(User $user, Course $course): bool
    {
        return $this->roles->in($course, $user) !== null;
    }

    public function critique(User $user, Course $course): bool
    {
        return $this->roles->in($course, $user)?->critiques() ?? false;
    }

    public function teach(User $user, Course $course): bool
    {
        return $this->roles->in($course, $user) === Role::Instructor;
    }

    /**
     * As a student of it.
     *
     * @param  int  $course  its id: whoever asks need not fetch it for that
     */
    public function attend(User $user, int $course): bool
    {
        return $this->roles->of($user->id, $course) === Role::Student;
    }
}
