<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\HandIn\CannotHandIn;
use App\HandIn\HandIn;
use App\Models\Attempt;
use Illuminate\Http\RedirectResponse;

final class AttemptController extends Controller
{
    public function handIn(Attempt $attempt, HandIn $handIn): RedirectResponse
    {
        try {
            $handIn->submit($attempt);
        } catch (CannotHandIn $problem) {
            return back()->with('problem', $problem->getMessage());
        }

        return redirect()->route('set-briefs.show', $attempt->set_brief_id)->with('done', sprintf('Attempt %d is handed in. You will find the critique here when it comes back.', $attempt->number));
    }
}
