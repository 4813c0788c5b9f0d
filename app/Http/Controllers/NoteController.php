<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Critique\PhraseBank;
use App\Input\RegionInput;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Frame;
use App\Models\Note;
use App\Models\NoteKind;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\View\View;
use TruePupil\Core\Findings\Topic;

final class NoteController extends Controller
{
    public function store(Request $request, Frame $frame): View|RedirectResponse|Response
    {
        $input = $request->validate(
            [
                'kind' => ['required', Rule::enum(NoteKind::class)],
                'fixed' => ['nullable', Rule::in(['field', 'afterwards'])],
                'topic' => ['nullable', Rule::enum(Topic::class)],
                'region' => ['nullable', 'array:x,y,width,height'],
                'region.*' => ['nullable', 'numeric', 'min:0', 'max:100'],
                'body' => ['required', 'string', 'max:4000'],
                'token' => ['required', 'uuid'],
            ],
            ['body.required' => 'Write the note first.'],
        );
        if ($frame->attempt->state === AttemptState::Returned) {
            return response('This critique has been published already; no note can be added.', 409);
        }
        Note::query()->createOrFirst(
            ['token' => $input['token']],
            [
                'frame_id' => $frame->id,
                'author_id' => $request->user()->id,
                'kind' => $input['kind'],
                'fixed' => $input['fixed'] ?? null,
                'topic' => $input['topic'] ?? null,
                'region' => RegionInput::shares($input['region'] ?? []),
                'body' => $input['body'],
                // An instructor's note is there at once; a guest critic's is given when the critic is done.
                'given_at' => $request->user()->teaches($frame->attempt->setBrief->course) ? now() : null,
            ],
        );

        return $this->answer($request, $frame);
    }

    /**
     * A guest critic hands over all notes on an attempt: from now on the instructor reads them, and the critic the
     * others'.
     */
    public function give(Request $request, Attempt $attempt): RedirectResponse
    {
        $given = Note::query()
            ->where('author_id', $request->user()->id)
            ->whereNull('given_at')
            ->whereIn('frame_id', $attempt->frames()->select('id'))
            ->update(['given_at' => now()]);

        return redirect()
            ->route('desk.show', $attempt)
            ->with(
                'done',
                $given === 0
                    ? 'There was no note to give.'
                    : sprintf('%d %s given.', $given, $given === 1 ? 'note is' : 'notes are'),
            );
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
            ? view('desk.notes', [
                'frame' => $frame->load('notes.author'),
                'phrases' => PhraseBank::notes($request->user()),
            ])
            : back();
    }
}
