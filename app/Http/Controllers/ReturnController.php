<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\View\Models\FrameView;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The published critique that the student reads, compared with the attempt before. */
final class ReturnController extends Controller
{
    public function __invoke(Request $request, Attempt $attempt): View
    {
        $attempt->load(['user', 'setBrief.course', 'frames.picture', 'frames.findings', 'frames.notes.author']);
        $previous = $attempt->previous()?->load(['setBrief.course', 'frames.picture', 'frames.findings']);

        return view('attempts.return', [
            'attempt' => $attempt,
            'brief' => $attempt->setBrief->content(),
            'frames' => $attempt->frames->map(fn ($frame) => FrameView::of($frame->setRelation('attempt', $attempt))),
            'previous' => $previous?->state === AttemptState::Returned
                ? $previous->frames->map(fn ($frame) => FrameView::of($frame->setRelation('attempt', $previous)))
                : collect(),
            'owner' => $request->user()->id === $attempt->user_id,
        ]);
    }
}
