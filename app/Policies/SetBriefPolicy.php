<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\SetBrief;
use App\Models\User;

/** A brief that is set is its course's. */
final readonly class SetBriefPolicy
{
    public function __construct(private CoursePolicy $courses)
    {
    }

    /** Students read what is neither hidden from them nor still to come. */
    public function view(User $user, SetBrief $setBrief): bool
    {
        return $this->courses->critique($user, $setBrief->course) ||
            ($this->courses->attend($user, $setBrief->course_id) && $setBrief->isReadableBy($user));
    }

    public function critique(User $user, SetBrief $setBrief): bool
    {
        return $this->courses->critique($user, $setBrief->course);
    }

    public function teach(User $user, SetBrief $setBrief): bool
    {
        return $this->courses->teach($user, $setBrief->course);
    }

    /** Why it is not possible at this moment is said by the action, not here. */
    public function handIn(User $user, SetBrief $setBrief): bool
    {
        return $this->courses->attend($user, $setBrief->course_id) && $setBrief->isReadableBy($user);
    }
}
