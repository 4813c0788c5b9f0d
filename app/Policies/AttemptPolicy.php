<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Attempt;
use App\Models\AttemptStep;
use App\Models\User;

/** Who may do what with an attempt: by what they are in its course, and by the transition table of its state. */
final readonly class AttemptPolicy
{
    public function __construct(private CoursePolicy $courses)
    {
    }

    /** Its student, as long as the student is a member of the course. */
    public function own(User $user, Attempt $attempt): bool
    {
        return $attempt->user_id === $user->id && $this->courses->attend($user, $attempt->setBrief->course_id);
    }

    /** What its student asks for beyond the right state is refused with a reason, not forbidden. */
    public function prepare(User $user, Attempt $attempt): bool
    {
        return $this->own($user, $attempt);
    }

    /** Instructor and guest critics see it from the moment it is handed in. */
    public function critique(User $user, Attempt $attempt): bool
    {
        return $attempt->state->allows(AttemptStep::SeeAtDesk) &&
            $this->courses->critique($user, $attempt->setBrief->course);
    }

    /** Only the instructor decides on findings, and publishes. */
    public function decide(User $user, Attempt $attempt): bool
    {
        return $attempt->state->allows(AttemptStep::SeeAtDesk) &&
            $this->courses->teach($user, $attempt->setBrief->course);
    }

    /** Its student answers a return, and plans what comes next. */
    public function answer(User $user, Attempt $attempt): bool
    {
        return $attempt->state->allows(AttemptStep::Answer) && $this->own($user, $attempt);
    }

    public function readReturn(User $user, Attempt $attempt): bool
    {
        return $attempt->state->allows(AttemptStep::ReadReturn) &&
            ($this->own($user, $attempt) || $this->critique($user, $attempt));
    }
}
