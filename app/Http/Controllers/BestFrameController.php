<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\HandIn\ChooseBest;
use App\HandIn\HandInRefused;
use App\Models\Attempt;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Which of several frames its student holds for the best, and why. */
final class BestFrameController extends Controller
{
    public function __invoke(Request $request, Attempt $attempt, ChooseBest $choose): RedirectResponse
    {
        $input = $request->validate([
            'frame' => ['required', Rule::exists('frames', 'id')->where('attempt_id', $attempt->id)],
            'reason' => ['nullable', 'string', 'max:2000'],
            'hang' => ['nullable', 'in:yes,no'],
        ], ['frame.*' => 'Choose one of the frames.']);
        try {
            $choose->handle(
                $attempt,
                (int) $input['frame'],
                trim((string) ($input['reason'] ?? '')),
                match ($input['hang'] ?? null) {
                    'yes' => true,
                    'no' => false,
                    default => null,
                },
            );
        } catch (HandInRefused $problem) {
            return back()->with('problem', $problem->getMessage());
        }

        return redirect()->route('attempts.show', $attempt)->with('done', 'Your choice is kept.');
    }
}
