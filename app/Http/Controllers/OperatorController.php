<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Watch\FailedJobs;
use App\Watch\Part;
use App\Watch\Parts;
use App\Workers\NodePresence;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** For whoever runs the service: how its parts are, and what could not be done. */
final class OperatorController extends Controller
{
    public function show(Parts $parts): View
    {
        $all = $parts->all();
        // They are shown themselves.
        unset($all['failed jobs']);

        return view('operator.show', [
            'wrong' => array_filter($all, fn (Part $part): bool => ! $part->ok),
            'well' => array_filter($all, fn (Part $part): bool => $part->ok),
            'nodes' => NodePresence::present(),
            'failed' => FailedJobs::latest(),
        ]);
    }

    public function retry(string $job): RedirectResponse
    {
        return FailedJobs::retry($job)
            ? back()->with('done', 'It waits in the queue again.')
            : back()->with('problem', 'This job is not there any more: somebody has tried it again or let it go.');
    }

    public function forget(string $job): RedirectResponse
    {
        return FailedJobs::forget($job)
            ? back()->with('done', 'It is let go. What it was about stays as it is.')
            : back()->with('problem', 'This job is not there any more.');
    }
}
