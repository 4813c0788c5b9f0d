<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\Course;
use App\Models\Membership;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Carbon;

/** Who is what in which course, asked for once in a request; anew after any membership has changed. */
final class Roles
{
    /** @var array<string, ?Role> */
    private array $known = [];

    public function in(Course $course, User $user): ?Role
    {
        return $this->of($user->id, $course->id);
    }

    public function of(int $user, int $course): ?Role
    {
        $key = $user.' '.$course;
        if (! array_key_exists($key, $this->known)) {
            $role = Membership::query()->where('course_id', $course)->where('user_id', $user)->value('role');
            $this->known[$key] = $role instanceof Role ? $role : Role::tryFrom((string) $role);
        }

        return $this->known[$key];
    }

    /** Since when somebody is in a course. */
    public function since(Course $course, User $user): Carbon
    {
        return Carbon::parse(
            (string) Membership::query()
                ->where('course_id', $course->id)
                ->where('user_id', $user->id)
                ->value('created_at'),
        );
    }

    public function forget(): void
    {
        $this->known = [];
    }
}
