<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\AttemptState;
use App\Models\Decision;
use App\Models\FrameFinding;
use App\Models\SilencedFinding;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\View\View;

/** What the instructor decides about a finding. It can be taken back until the critique is published. */
final class FindingController extends Controller
{
    public function update(Request $request, FrameFinding $finding): View|RedirectResponse|Response
    {
        $input = $request->validate(
            [
                'decision' => ['required', Rule::enum(Decision::class)],
                'wording' => ['nullable', 'string', 'max:2000', 'required_if:decision,reworded'],
                'dismissal' => ['nullable', 'string', 'max:500'],
            ],
            ['wording.required_if' => 'Write your own wording first.'],
        );
        if ($finding->frame->attempt->state === AttemptState::Returned) {
            return response('This critique has been published already; its findings can no longer change.', 409);
        }
        $decision = Decision::from($input['decision']);
        $finding->update([
            'decision' => $decision,
            // An earlier wording or reason stays, so that taking a decision back loses nothing.
            'wording' => $input['wording'] ?? $finding->wording,
            'dismissal' => $decision === Decision::Dismissed ? $input['dismissal'] ?? null : $finding->dismissal,
            'decided_by' => $decision === Decision::Open ? null : $request->user()->id,
        ]);

        return $request->header('HX-Request') !== null
            ? view('desk.finding', [
                'finding' => $finding,
                'decides' => true,
                'asks' => $decision === Decision::Dismissed &&
                    SilencedFinding::dismissals($finding->frame->attempt->setBrief->course, $finding->rule_id) >=
                        SilencedFinding::ASKS_AFTER,
            ])
            : back();
    }
}
