<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\DeskQueue;
use App\Critique\PhraseBank;
use App\HandIn\HandIn;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Frame;
use App\Models\FrameState;
use App\View\Presenters\AttemptView;
use App\View\Presenters\FrameView;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

final class DeskController extends Controller
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
        $teaches = $request->user()->teaches($attempt->setBrief->course);
        if ($attempt->state === AttemptState::Waiting && $teaches) {
            $attempt->update(['state' => AttemptState::AtDesk, 'opened_at' => now()]);
        }
        $queue = DeskQueue::of($attempt->setBrief->course)->attempts();
        $position = $queue->search($attempt->id);

        return view('desk.show', [
            'attempt' => $attempt,
            'brief' => $attempt->setBrief->content(),
            'frames' => $attempt->frames->map(fn ($frame) => FrameView::of($frame->setRelation('attempt', $attempt))),
            'previous' => AttemptView::before($attempt),
            'wordings' => PhraseBank::wordings(
                $request->user(),
                $attempt->frames->flatMap->findings->pluck('rule_id')->unique()->values()->all(),
            ),
            'phrases' => PhraseBank::notes($request->user()),
            'rows' => $attempt->frames->count() > 1 ? AttemptView::of($attempt)->rows() : [],
            'teaches' => $teaches,
            // Guest critics who have written and not yet given it; what they wrote is theirs until then.
            'stillWriting' => $teaches
                ? $attempt->frames->flatMap->notes
                    ->whereNull('given_at')
                    ->pluck('author.name')
                    ->unique()
                    ->values()
                    ->all()
                : [],
            'decides' => $request->user()->can('decide', $attempt) && $attempt->state !== AttemptState::Returned,
            'queue' => $queue,
            'position' => $position,
            'next' => ($next = $position === false ? $queue->first() : $queue->get($position + 1)),
            // Its picture is there before it is opened.
            'nextFrame' => $next === null ? null : Frame::query()->where('attempt_id', $next)->orderBy('id')->value('id'),
            'earlier' => $position === false ? null : $queue->get($position - 1),
        ]);
    }

    /** Map, ruler and comb of one frame, asked for when it is unfolded. */
    public function views(Frame $frame): View
    {
        return view('components.frame-views', ['view' => FrameView::of($frame)]);
    }

    /** Keeps what is being written, and which suggestion is chosen; asked for while typing. */
    public function update(Request $request, Attempt $attempt): Response|RedirectResponse
    {
        $input = $this->input($request);
        if ($attempt->state === AttemptState::Returned) {
            return $this->tooLate($request);
        }
        $attempt->update(['summary' => $input['summary'] ?? null]);
        $this->keepSuggestions($attempt, $input['suggestion'] ?? []);

        return $request->header('HX-Request') !== null
            ? response('Kept '.now()->setTimezone($attempt->setBrief->course->timezone)->format('H:i:s'))
            : back();
    }

    /** A check that failed on our side after the hand-in is asked for again; the student can no longer do it. */
    public function judge(Frame $frame, HandIn $handIn): RedirectResponse
    {
        return redirect()
            ->route('desk.show', $frame->attempt_id)
            ->with(
                ...$handIn->judgeAgain($frame)
                    ? ['done', sprintf('"%s" is being checked again.', $frame->original_name)]
                    : ['problem', sprintf('"%s" is checked, or being checked, already.', $frame->original_name)],
            );
    }

    public function publish(Request $request, Attempt $attempt): Response|RedirectResponse
    {
        $input = $this->input($request);
        // A second click finds it published and changes nothing.
        if ($attempt->state !== AttemptState::Returned) {
            if ($attempt->frames()->where('state', FrameState::Judging)->exists()) {
                return back()
                    ->withInput()
                    ->with(
                        'problem',
                        'A frame is still being judged. Wait a moment and publish again; everything you wrote is kept.',
                    );
            }
            $this->keepSuggestions($attempt, $input['suggestion'] ?? []);
            $attempt->update([
                'summary' => $input['summary'] ?? null,
                'state' => AttemptState::Returned,
                'returned_at' => now(),
            ]);
        }
        $next = DeskQueue::of($attempt->setBrief->course)->attempts()->first();
        $done = sprintf('Published: %s can read it now.', $attempt->user->name);

        if ($next !== null) {
            return redirect()->route('desk.show', $next)->with('done', $done);
        }
        $course = redirect()
            ->route('courses.show', $attempt->setBrief->course_id)
            ->with('done', $done.' Nobody else is waiting.');

        // Away from the desk the whole page changes.
        return $request->header('HX-Request') === null
            ? $course
            : response('', 200, ['HX-Redirect' => $course->getTargetUrl()]);
    }

    /** @return array{summary?: ?string, suggestion?: array<int|string, mixed>} */
    private function input(Request $request): array
    {
        return $request->validate([
            'summary' => ['nullable', 'string', 'max:5000'],
            'suggestion' => ['sometimes', 'array'],
            'suggestion.*' => ['nullable', 'integer', 'min:0', 'max:'.Frame::OWN_SUGGESTION],
        ]);
    }

    /** @param  array<int|string, mixed>  $chosen  index by frame id */
    private function keepSuggestions(Attempt $attempt, array $chosen): void
    {
        foreach ($attempt->frames as $frame) {
            if (array_key_exists($frame->id, $chosen)) {
                $frame->update(['chosen_suggestion' => $chosen[$frame->id]]);
            }
        }
    }

    private function tooLate(Request $request): Response|RedirectResponse
    {
        $message = 'This critique has been published already; it can no longer change.';

        return $request->header('HX-Request') !== null ? response($message, 409) : back()->with('problem', $message);
    }
}
