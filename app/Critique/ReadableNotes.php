<?php

declare(strict_types=1);

namespace App\Critique;

use App\Courses\Roles;
use App\Models\Frame;
use App\Models\Note;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Collection;

/** The notes on a frame that a person may read. */
final readonly class ReadableNotes
{
    public function __construct(private Roles $roles)
    {
    }

    /**
     * A guest critic's notes are blind: nobody else reads them before they are given, and the critic reads no other's
     * before that either.
     *
     * @return Collection<int, Note>
     */
    public function of(Frame $frame, User $reader): Collection
    {
        $isCritic = $this->roles->in($frame->attempt->setBrief->course, $reader) === Role::Critic;
        $hasGiven = $frame->notes->contains(
            fn (Note $note): bool => $note->author_id === $reader->id && $note->given_at !== null,
        );
        // Each asks its frame whether it may be taken back.
        $frame->notes->each->setRelation('frame', $frame);

        return $frame->notes
            ->filter(
                fn (Note $note): bool => $note->author_id === $reader->id ||
                    ($note->given_at !== null && (! $isCritic || $hasGiven)),
            )
            ->values()
            ->toBase();
    }
}
