<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Note;

/** Takes one's own note back. */
final class DeleteNote
{
    /** @throws CritiquePublished */
    public function handle(Note $note): void
    {
        ChangeCritique::of($note->frame->attempt_id, 'its notes can no longer change', fn (): ?bool => $note->delete());
    }
}
