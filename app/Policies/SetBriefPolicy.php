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

    public function view(User $user, SetBrief $setBrief): bool
    {
        return $this->courses->view($user, $setBrief->course);
    }

    public function critique(User $user, SetBrief $setBrief): bool
    {
        return $this->courses->critique($user, $setBrief->course);
    }

    public function teach(User $user, SetBrief $setBrief): bool
    {
        return $this->courses->teach($user, $setBrief->course);
    }

    public function handIn(User $user, SetBrief $setBrief): bool
    {
        return $this->courses->attend($user, $setBrief->course);
    }
}
