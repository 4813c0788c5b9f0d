<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\HandIn\HandInRefused;
use App\HandIn\SubmitAttempt;
use App\HandIn\TakeBackAttempt;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\View\Presenters\AttemptView;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

final class AttemptController extends Controller
{
    /** All frames of an attempt, in their rows: what has come of each, and what is still missing. */
    public function show(Attempt $attempt): View|RedirectResponse
    {
        return $attempt->state === AttemptState::Returned
            ? redirect()->route('attempts.return', $attempt)
            : view('attempts.show', ['view' => AttemptView::of($attempt)]);
    }

    /**
     * Asked for while frames are under way; silent while there is nothing new, so that nothing is drawn anew for
     * nothing.
     */
    public function progress(Request $request, Attempt $attempt): View|Response
    {
        $view = AttemptView::of($attempt);

        return $request->query('seen') === $view->stamp()
            ? response()->noContent()
            : view('attempts.frames', ['view' => $view]);
    }

    public function takeBack(Attempt $attempt, TakeBackAttempt $takeBack): RedirectResponse
    {
        try {
            $takeBack->handle($attempt);
        } catch (HandInRefused $problem) {
            return back()->with('problem', $problem->getMessage());
        }

        return redirect()
            ->route('attempts.show', $attempt)
            ->with('done', 'The attempt is yours again. Hand it in when it is ready.');
    }

    public function handIn(Request $request, Attempt $attempt, SubmitAttempt $submit): RedirectResponse
    {
        try {
            // A form without the question leaves the choice as it was.
            $submit->handle($attempt, $request->has('asks_to_show') ? $request->boolean('may_show') : null);
        } catch (HandInRefused $problem) {
            return back()->with('problem', $problem->getMessage());
        }

        return redirect()
            ->route('set-briefs.show', $attempt->set_brief_id)
            ->with(
                'done',
                sprintf(
                    'Attempt %d is handed in. You will find the critique here when it comes back.',
                    $attempt->number,
                ),
            );
    }
}
