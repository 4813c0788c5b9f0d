<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Critique\DecideFinding;
use App\Critique\StaleFinding;
use App\Http\Requests\DecideFindingRequest;
use App\Models\Decision;
use App\Models\FrameFinding;
use App\Models\SilencedFinding;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What the instructor decides about a finding. It can be taken back until the critique is published. */
final class FindingController extends Controller
{
    public function update(
        DecideFindingRequest $request,
        FrameFinding $finding,
        DecideFinding $decide,
    ): View|RedirectResponse|Response {
        $input = $request->validated();
        $decision = Decision::from($input['decision']);
        try {
            $decide->handle(
                $finding,
                $this->user($request),
                $decision,
                $input['wording'] ?? null,
                $input['dismissal'] ?? null,
                isset($input['revision']) ? (int) $input['revision'] : null,
            );
        } catch (StaleFinding $problem) {
            return $request->header('HX-Request') === null
                ? back()->withInput()->with('problem', $problem->getMessage())
                : response()->view('desk.finding', [
                    'finding' => $problem->now,
                    'decides' => true,
                    'stale' => $problem->getMessage(),
                    'yours' => $input['wording'] ?? $input['dismissal'] ?? null,
                ], 409, ['HX-Reswap' => 'outerHTML']);
        }

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
