<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\AttemptStep;
use App\Models\Note;
use App\Models\User;

final readonly class NotePolicy
{
    public function __construct(private AttemptPolicy $attempts)
    {
    }

    /** What was spoken with it: one's own; given notes by whoever publishes, and by its student once it is returned. */
    public function hear(User $user, Note $note): bool
    {
        $attempt = $note->frame->attempt;

        return ($note->author_id === $user->id && $this->attempts->critique($user, $attempt)) ||
            ($note->given_at !== null && ($this->attempts->decide($user, $attempt) ||
                ($attempt->state->allows(AttemptStep::ReadReturn) && $this->attempts->own($user, $attempt))));
    }

    /** One's own, until the critique is published. */
    public function delete(User $user, Note $note): bool
    {
        return $note->author_id === $user->id &&
            $this->attempts->critique($user, $note->frame->attempt) &&
            $note->frame->attempt->allows(AttemptStep::Critique);
    }
}
