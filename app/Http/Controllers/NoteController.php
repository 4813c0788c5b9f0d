<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\AttemptState;
use App\Models\Frame;
use App\Models\Note;
use App\Models\NoteKind;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\View\View;

final class NoteController extends Controller
{
    public function store(Request $request, Frame $frame): View|RedirectResponse|Response
    {
        $input = $request->validate([
            'kind' => ['required', Rule::enum(NoteKind::class)],
            'fixed' => ['nullable', Rule::in(['field', 'afterwards'])],
            'body' => ['required', 'string', 'max:4000'],
            'token' => ['required', 'uuid'],
        ], ['body.required' => 'Write the note first.']);
        if ($frame->attempt->state === AttemptState::Returned) {
            return response('This critique has been published already; no note can be added.', 409);
        }
        Note::query()->createOrFirst(['token' => $input['token']], [
            'frame_id' => $frame->id,
            'author_id' => $request->user()->id,
            'kind' => $input['kind'],
            'fixed' => $input['fixed'] ?? null,
            'body' => $input['body'],
        ]);

        return $this->answer($request, $frame);
    }

    public function destroy(Request $request, Note $note): View|RedirectResponse
    {
        $frame = $note->frame;
        $note->delete();

        return $this->answer($request, $frame);
    }

    private function answer(Request $request, Frame $frame): View|RedirectResponse
    {
        return $request->header('HX-Request') !== null
            ? view('desk.notes', ['frame' => $frame->load('notes.author')])
            : back();
    }
}
