<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnswerRequest;
use App\Http\Requests\ReplyRequest;
use App\Models\Attempt;
use App\Returns\AnswerReturn;
use App\Returns\StartReshoot;
use App\View\Presenters\AttemptView;
use App\View\Presenters\FrameView;
use App\View\Presenters\ReturnedFrame;
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
            'answeredBy',
            'frames.picture.practiceShot',
            'frames.findings',
            'frames.notes.author',
            'frames.whatIfs.author',
        ]);

        $frames = $attempt->frames->map(
            fn ($frame): ReturnedFrame => new ReturnedFrame(FrameView::of($frame->setRelation('attempt', $attempt))),
        );

        return view('attempts.return', [
            'attempt' => $attempt,
            'brief' => $attempt->content(),
            'frames' => $frames,
            // Of several, the one whose setting is to be changed; the last says what holds for its row.
            'lead' => $frames->first(fn (ReturnedFrame $one): bool => $one->change() !== null) ?? $frames->last(),
            'teaches' => $this->user($request)->can('teach', $attempt->setBrief->course),
            'previous' => AttemptView::before($attempt),
            'rows' => $attempt->frames->count() > 1 ? AttemptView::of($attempt)->rows() : [],
            'owner' => $this->user($request)->id === $attempt->user_id,
        ]);
    }

    public function reply(ReplyRequest $request, Attempt $attempt, AnswerReturn $answer): RedirectResponse
    {
        $reply = $request->validated()['reply'] ?? null;
        $answer->reply($attempt, $reply);

        return redirect()
            ->to(route('attempts.return', $attempt).'#reply')
            ->with('done', $reply === null ? 'Your answer is taken back.' : 'Your answer is with the critique now.');
    }

    /** What whoever teaches says to the student's answer. */
    public function answer(AnswerRequest $request, Attempt $attempt, AnswerReturn $answer): RedirectResponse
    {
        $text = $request->validated()['answer'] ?? null;
        $answer->answer($attempt, $this->user($request), $text);

        return redirect()
            ->to(route('attempts.return', $attempt).'#reply')
            ->with('done', $text === null ? 'Your reply is taken back.' : $attempt->user->name.' can read your reply.');
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
