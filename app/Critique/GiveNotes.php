<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Attempt;
use App\Models\Note;
use App\Models\User;

/**
 * A guest critic hands over all notes on an attempt: from now on the instructor reads them, and the critic the others'.
 */
final class GiveNotes
{
    /**
     * @return int how many there were to give
     *
     * @throws CritiquePublished
     */
    public function handle(Attempt $attempt, User $critic): int
    {
        return ChangeCritique::of(
            $attempt->id,
            'its notes can no longer be given',
            fn (Attempt $attempt): int => Note::query()
                ->where('author_id', $critic->id)
                ->whereNull('given_at')
                ->whereIn('frame_id', $attempt->frames()->select('id'))
                ->update(['given_at' => now()]),
        );
    }
}
