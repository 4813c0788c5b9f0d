<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Critique\DeleteNote;
use App\Critique\GiveNotes;
use App\Critique\PhraseBank;
use App\Critique\ReadableNotes;
use App\Critique\WriteNote;
use App\Http\Requests\NoteRequest;
use App\Input\PointingInput;
use App\Input\RegionInput;
use App\Models\Attempt;
use App\Models\Frame;
use App\Models\Note;
use App\Models\Phrase;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\View\View;

final class NoteController extends Controller
{
    public function __construct(private readonly ReadableNotes $notes)
    {
    }

    public function store(NoteRequest $request, Frame $frame, WriteNote $write): View|RedirectResponse
    {
        $input = $request->validated();
        $write->handle($frame, $this->user($request), $input['token'], [
            'kind' => $input['kind'],
            'fixed' => $input['fixed'] ?? null,
            'topic' => $input['topic'] ?? null,
            'region' => RegionInput::read($input['region'] ?? []),
            'pointing' => PointingInput::read($input['pointing'] ?? null),
            'body' => $input['body'],
        ], $request->voice() === null
            ? null
            : ['data' => $request->voice(), 'seconds' => (int) $input['voice_seconds']]);
        if ($request->boolean('keep')) {
            Phrase::query()->firstOrCreate(
                ['user_id' => $this->user($request)->id, 'body' => Str::limit($input['body'], Phrase::LONGEST, '')],
                ['topic' => $input['topic'] ?? null],
            );
        }

        return $this->answer($request, $frame);
    }

    /**
     * A guest critic hands over all notes on an attempt: from now on the instructor reads them, and the critic the
     * others'.
     */
    public function give(Request $request, Attempt $attempt, GiveNotes $give): RedirectResponse
    {
        $given = $give->handle($attempt, $this->user($request));

        return redirect()
            ->route('desk.show', $attempt)
            ->with(
                'done',
                $given === 0
                    ? 'There was no note to give.'
                    : sprintf('%d %s given.', $given, $given === 1 ? 'note is' : 'notes are'),
            );
    }

    public function destroy(Request $request, Note $note, DeleteNote $delete): View|RedirectResponse
    {
        $frame = $note->frame;
        $delete->handle($note);

        return $this->answer($request, $frame);
    }

    private function answer(Request $request, Frame $frame): View|RedirectResponse
    {
        return $request->header('HX-Request') !== null
            ? view('desk.notes-answer', [
                'frame' => $frame->load(['notes.author', 'notes.voice']),
                'readable' => $this->notes->of($frame, $this->user($request)),
                'teaches' => $this->user($request)->can('teach', $frame->attempt->setBrief->course),
                'phrases' => PhraseBank::offered($this->user($request), []),
            ])
            : back();
    }
}
