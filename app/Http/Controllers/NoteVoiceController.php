<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Note;
use App\Models\NoteVoice;
use Illuminate\Http\Response;

/** Plays what was spoken with a note. */
final class NoteVoiceController extends Controller
{
    public function __invoke(Note $note): Response
    {
        $voice = NoteVoice::query()->findOrFail($note->id);

        return response($voice->data, 200, [
            'Content-Type' => $voice->mime,
            'Content-Length' => (string) $voice->bytes,
            'Cache-Control' => 'private, max-age=3600',
        ]);
    }
}
