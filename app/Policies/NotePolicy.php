<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\AttemptState;
use App\Models\Note;
use App\Models\User;

final class NotePolicy
{
    /** One's own, until the critique is published. */
    public function delete(User $user, Note $note): bool
    {
        return $note->author_id === $user->id && $note->frame->attempt->state !== AttemptState::Returned;
    }
}
