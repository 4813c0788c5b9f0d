<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Critique\DecideFinding;
use App\Models\Decision;
use App\Models\FrameFinding;
use App\Models\SilencedFinding;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\View\View;

/** What the instructor decides about a finding. It can be taken back until the critique is published. */
final class FindingController extends Controller
{
    public function update(Request $request, FrameFinding $finding, DecideFinding $decide): View|RedirectResponse
    {
        $input = $request->validate(
            [
                'decision' => ['required', Rule::enum(Decision::class)],
                'wording' => ['nullable', 'string', 'max:2000', 'required_if:decision,reworded'],
                'dismissal' => ['nullable', 'string', 'max:500'],
            ],
            ['wording.required_if' => 'Write your own wording first.'],
        );
        $decision = Decision::from($input['decision']);
        $decide->handle(
            $finding,
            $this->user($request),
            $decision,
            $input['wording'] ?? null,
            $input['dismissal'] ?? null,
        );

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
