<?php

declare(strict_types=1);

namespace App\Critique;

use App\Courses\Roles;
use App\Models\Frame;
use App\Models\Note;
use App\Models\NoteVoice;
use App\Models\Role;
use App\Models\User;

/** Adds a note to a frame. The same token adds it once, however often the form is sent. */
final readonly class WriteNote
{
    public function __construct(private Roles $roles)
    {
    }

    /**
     * @param  array<string, mixed>  $note  kind, fixed, topic, region, pointing and body
     * @param  ?array{data: string, seconds: int}  $voice  what was spoken with it
     *
     * @throws CritiquePublished
     */
    public function handle(Frame $frame, User $author, string $token, array $note, ?array $voice = null): void
    {
        $isInstructor = $this->roles->in($frame->attempt->setBrief->course, $author) === Role::Instructor;
        // A correction is the instructor's alone.
        if (! $isInstructor && $frame->attempt->correcting_since !== null) {
            throw CritiquePublished::so('no note can be added');
        }
        ChangeCritique::of(
            $frame->attempt_id,
            'no note can be added',
            function () use ($frame, $author, $token, $note, $voice, $isInstructor): void {
                $written = Note::query()->createOrFirst(
                    ['token' => $token],
                    [
                        ...$note,
                        'frame_id' => $frame->id,
                        'author_id' => $author->id,
                        // An instructor's note is there at once; a guest critic's is given when the critic is done.
                        'given_at' => $isInstructor ? now() : null,
                    ],
                );
                if ($voice !== null) {
                    NoteVoice::query()->updateOrCreate(['note_id' => $written->id], [
                        ...$voice,
                        'mime' => NoteVoice::mimeOf($voice['data']) ?? 'application/octet-stream',
                        'bytes' => strlen($voice['data']),
                    ]);
                }
            },
        );
    }
}
