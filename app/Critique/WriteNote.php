<?php

declare(strict_types=1);

namespace App\Critique;

use App\Courses\Roles;
use App\Models\Frame;
use App\Models\Note;
use App\Models\Role;
use App\Models\User;

/** Adds a note to a frame. The same token adds it once, however often the form is sent. */
final readonly class WriteNote
{
    public function __construct(private Roles $roles)
    {
    }

    /**
     * @param  array<string, mixed>  $note  kind, fixed, topic, region and body
     *
     * @throws CritiquePublished
     */
    public function handle(Frame $frame, User $author, string $token, array $note): void
    {
        $isInstructor = $this->roles->in($frame->attempt->setBrief->course, $author) === Role::Instructor;
        // A correction is the instructor's alone.
        if (! $isInstructor && $frame->attempt->correcting_since !== null) {
            throw CritiquePublished::so('no note can be added');
        }
        ChangeCritique::of(
            $frame->attempt_id,
            'no note can be added',
            fn (): Note => Note::query()->createOrFirst(
                ['token' => $token],
                [
                    ...$note,
                    'frame_id' => $frame->id,
                    'author_id' => $author->id,
                    // An instructor's note is there at once; a guest critic's is given when the critic is done.
                    'given_at' => $isInstructor ? now() : null,
                ],
            ),
        );
    }
}
