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

    /** One's own, until the critique is published. */
    public function delete(User $user, Note $note): bool
    {
        return $note->author_id === $user->id &&
            $this->attempts->critique($user, $note->frame->attempt) &&
            $note->frame->attempt->allows(AttemptStep::Critique);
    }
}
