<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Attempt;
use App\Returns\AnswerReturn;
use App\Returns\StartReshoot;
use App\View\Presenters\AttemptView;
use App\View\Presenters\FrameView;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The published critique that the student reads, compared with the attempt before. */
final class ReturnController extends Controller
{
    public function show(Request $request, Attempt $attempt): View
    {
        $attempt->load([
            'user',
            'setBrief.course',
            'frames.picture.practiceShot',
            'frames.findings',
            'frames.notes.author',
            'frames.whatIfs.author',
        ]);

        return view('attempts.return', [
            'attempt' => $attempt,
            'brief' => $attempt->setBrief->content(),
            'frames' => $attempt->frames->map(fn ($frame) => FrameView::of($frame->setRelation('attempt', $attempt))),
            'previous' => AttemptView::before($attempt),
            'rows' => $attempt->frames->count() > 1 ? AttemptView::of($attempt)->rows() : [],
            'owner' => $this->user($request)->id === $attempt->user_id,
        ]);
    }

    public function reply(Request $request, Attempt $attempt, AnswerReturn $answer): RedirectResponse
    {
        $reply = $request->validate(['reply' => ['nullable', 'string', 'max:4000']])['reply'] ?? null;
        $answer->reply($attempt, $reply);

        return redirect()
            ->to(route('attempts.return', $attempt).'#reply')
            ->with('done', $reply === null ? 'Your answer is taken back.' : 'Your answer is with the critique now.');
    }

    /** The next attempt's plan, already filled with what was suggested. */
    public function reshoot(Attempt $attempt): RedirectResponse
    {
        StartReshoot::plan($attempt->load(['setBrief.course', 'user', 'frames']));

        return redirect()
            ->route('plans.edit', $attempt->set_brief_id)
            ->with('done', 'The plan of your next attempt starts with the suggestion. Change what you like.');
    }

    public function mayShow(Request $request, Attempt $attempt, AnswerReturn $answer): RedirectResponse
    {
        $answer->allowShowing($attempt, $request->boolean('may_show'));

        return back()->with(
            'done',
            $request->boolean('may_show')
                ? 'These frames may be shown to the class.'
                : 'These frames stay between you and whoever critiques them.',
        );
    }
}
