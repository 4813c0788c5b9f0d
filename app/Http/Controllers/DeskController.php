<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\DeskQueue;
use App\Critique\AcceptRest;
use App\Critique\AlreadyPublished;
use App\Critique\CorrectReturn;
use App\Critique\CritiqueDraft;
use App\Critique\DeskPresence;
use App\Critique\DeskTime;
use App\Critique\JudgeAgain;
use App\Critique\KeepSummary;
use App\Critique\MoveSubject;
use App\Critique\OpenAttempt;
use App\Critique\PhraseBank;
use App\Critique\PublishCritique;
use App\Critique\ReadableNotes;
use App\Critique\RecallCritique;
use App\Critique\SaveDraft;
use App\Critique\StaleSummary;
use App\Critique\StillJudging;
use App\Http\Requests\CritiqueDraftRequest;
use App\Http\Requests\MoveSubjectRequest;
use App\Models\Attempt;
use App\Models\AttemptStep;
use App\Models\Decision;
use App\Models\Frame;
use App\Models\FrameFinding;
use App\Models\Moments;
use App\View\Presenters\AttemptView;
use App\View\Presenters\FrameView;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\View\View;
use TruePupil\Core\Findings\Topic;

final class DeskController extends Controller
{
    public function show(Request $request, Attempt $attempt, ReadableNotes $notes): View
    {
        $attempt->load([
            'user',
            'setBrief.course',
            'frames.picture.practiceShot',
            'frames.findings',
            'frames.notes.author',
            'frames.whatIfs.author',
        ]);
        $teaches = $this->user($request)->can('teach', $attempt->setBrief->course);
        $opens = $teaches && $attempt->state->allows(AttemptStep::Open);
        $queue = DeskQueue::of($attempt->setBrief->course)->attempts($attempt->set_brief_id);
        $position = $queue->search($attempt->id);

        $frames = $attempt->frames->map(fn ($frame) => FrameView::of($frame->setRelation('attempt', $attempt)));
        $findings = $frames->flatMap(fn (FrameView $view) => $view->findings());

        return view('desk.show', [
            'attempt' => $attempt,
            'brief' => $attempt->content(),
            'frames' => $frames,
            'previous' => AttemptView::before($attempt),
            'wordings' => PhraseBank::wordings($this->user($request), $this->rules($attempt)),
            'phrases' => PhraseBank::offered(
                $this->user($request),
                array_values($findings->map(fn (FrameFinding $finding): Topic => $finding->topic())->all()),
            ),
            'rows' => $attempt->frames->count() > 1 ? AttemptView::of($attempt)->rows() : [],
            'teaches' => $teaches,
            'readable' => $attempt->frames->mapWithKeys(
                fn (Frame $frame): array => [$frame->id => $notes->of($frame, $this->user($request))],
            ),
            // Guest critics who have written and not yet given it; what they wrote is theirs until then.
            'stillWriting' => $teaches
                ? $attempt->frames->flatMap->notes
                    ->whereNull('given_at')
                    ->pluck('author.name')
                    ->unique()
                    ->values()
                    ->all()
                : [],
            'found' => $findings->count(),
            'undecided' => $findings->where('decision', Decision::Open)->count(),
            'decides' => $teaches && $attempt->allows(AttemptStep::Critique),
            'opens' => $opens,
            'versions' => $teaches ? KeepSummary::earlier($attempt) : collect(),
            'page' => Str::random(24),
            'shownState' => $opens ? $attempt->state->after(AttemptStep::Open) : $attempt->state,
            'queue' => $queue,
            'position' => $position,
            'next' => ($next = $position === false ? $queue->first() : $queue->get($position + 1)),
            // Its picture is there before it is opened.
            'nextFrame' => $next === null ? null
                : Frame::query()->where('attempt_id', $next)->orderBy('id')->value('id'),
            'earlier' => $position === false ? null : $queue->get($position - 1),
        ]);
    }

    /** Asked for by the desk itself when it is shown: looking a page up ahead of time opens nothing. */
    public function open(Attempt $attempt, OpenAttempt $open): Response
    {
        $open->handle($attempt);

        return response()->noContent();
    }

    /** Accepts every finding that is still open. */
    public function acceptRest(Request $request, Attempt $attempt, AcceptRest $accept): RedirectResponse
    {
        $accept->handle($attempt, $this->user($request));

        return redirect()->route('desk.show', $attempt);
    }

    /** Map, ruler and comb of one frame, asked for when it is unfolded. */
    public function views(Frame $frame): View
    {
        return view('components.frame-views', ['view' => FrameView::of($frame), 'showsWhy' => true]);
    }

    /** Saves what is being written, and which suggestion is chosen; asked for while typing. */
    public function update(CritiqueDraftRequest $request, Attempt $attempt, SaveDraft $save): Response|RedirectResponse
    {
        try {
            $revision = $save->handle($attempt, $this->draft($request));
        } catch (StaleSummary $problem) {
            return $this->bothTexts($request, $problem);
        }

        return $request->header('HX-Request') !== null
            ? response()->view('desk.kept', [
                'kept' => 'Kept '.Moments::write(now(), $attempt->setBrief->course->timezone, 'HH:mm:ss'),
                'revision' => $revision,
                'chosen' => $request->chosen(),
            ])
            : back();
    }

    /** A check that failed on our side after the hand-in is asked for again; the student can no longer do it. */
    public function judge(Frame $frame, JudgeAgain $judgeAgain): RedirectResponse
    {
        $isAsked = $judgeAgain->handle($frame);

        return redirect()
            ->route('desk.show', $frame->attempt_id)
            ->with(
                $isAsked ? 'done' : 'problem',
                sprintf(
                    $isAsked ? '"%s" is being checked again.' : '"%s" is checked, or being checked, already.',
                    $frame->original_name,
                ),
            );
    }

    /** The subject's mark is put right, and the frame judged again by it. */
    public function subject(MoveSubjectRequest $request, Frame $frame, MoveSubject $move): RedirectResponse
    {
        $move->handle($frame, $request->subject());

        return redirect()->route('desk.show', $frame->attempt_id);
    }

    public function publish(
        CritiqueDraftRequest $request,
        Attempt $attempt,
        PublishCritique $publish,
    ): Response|RedirectResponse {
        try {
            $publish->handle($attempt, $this->draft($request));
        } catch (StaleSummary $problem) {
            return $this->bothTexts($request, $problem);
        } catch (AlreadyPublished $problem) {
            return redirect()->route('desk.show', $attempt)->with('problem', $problem->getMessage());
        } catch (StillJudging $problem) {
            return back()->withInput()->with('problem', $problem->getMessage());
        }
        $next = DeskQueue::of($attempt->setBrief->course)->attempts($attempt->set_brief_id)->first();
        $done = sprintf('Published: %s can read it now.', $attempt->user->name);
        if ($next !== null) {
            return redirect()->route('desk.show', $next)->with(['done' => $done, 'recall' => $attempt->id]);
        }
        $course = redirect()
            ->route('courses.show', $attempt->setBrief->course_id)
            ->with(['done' => $done.' Nobody else is waiting.', 'recall' => $attempt->id]);

        // Away from the desk the whole page changes.
        return $request->header('HX-Request') === null
            ? $course
            : response('', 200, ['HX-Redirect' => $course->getTargetUrl()]);
    }

    /** Takes a return up again that was published. */
    public function correct(Attempt $attempt, CorrectReturn $correct): RedirectResponse
    {
        return redirect()
            ->route('desk.show', $attempt)
            ->with(
                ...$correct->handle($attempt)
                    ? ['done', 'Change what you like, and publish the correction. Its student is told then.']
                    : ['problem', 'Only a return that has been published can be corrected.'],
            );
    }

    /** Says that one is at this attempt, and who else is. */
    public function here(Request $request, Attempt $attempt, DeskPresence $presence): View
    {
        $user = $this->user($request);
        $others = DeskQueue::of($attempt->setBrief->course)->attempts()->reject($attempt->id)->count();

        return view('desk.others', [
            'others' => $presence->sign($attempt, $user),
            'time' => $user->can('teach', $attempt->setBrief->course) && $attempt->allows(AttemptStep::Critique)
                ? DeskTime::sign($attempt, $user, $others)->words($others)
                : '',
        ]);
    }

    /** Takes back what was published a moment ago. */
    public function recall(Request $request, Attempt $attempt, RecallCritique $recall): RedirectResponse
    {
        return redirect()
            ->route('desk.show', $attempt)
            ->with(
                ...$recall->handle($attempt, $this->user($request))
                    ? ['done', 'It is on the desk again; its student has not been told.']
                    : [
                        'problem',
                        'It can no longer be taken back: that is possible for a minute, and until it is answered.',
                    ],
            );
    }

    /** @return list<string> the rules that have something to say of its frames */
    private function rules(Attempt $attempt): array
    {
        $rules = [];
        foreach ($attempt->frames as $frame) {
            foreach ($frame->findings as $finding) {
                $rules[$finding->rule_id] = $finding->rule_id;
            }
        }

        return array_values($rules);
    }

    private function draft(CritiqueDraftRequest $request): CritiqueDraft
    {
        $input = $request->validated();

        return new CritiqueDraft(
            $request->has('summary') ? (string) ($input['summary'] ?? '') : null,
            $request->changedChoices(),
            isset($input['revision']) ? (int) $input['revision'] : null,
            (string) ($input['page'] ?? ''),
            $this->user($request),
        );
    }

    /** Refused, with what stands there now beside what was sent. */
    private function bothTexts(Request $request, StaleSummary $problem): Response|RedirectResponse
    {
        return $request->header('HX-Request') === null
            ? redirect()->route('desk.show', $problem->attempt)->withInput()->with('problem', $problem->getMessage())
            : response()->view('desk.both-texts', ['problem' => $problem], 409, [
                'HX-Retarget' => '#both-texts',
                'HX-Reswap' => 'innerHTML',
            ]);
    }
}
