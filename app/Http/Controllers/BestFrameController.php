<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\HandIn\ChooseBest;
use App\HandIn\HandInRefused;
use App\Http\Requests\BestFrameRequest;
use App\Models\Attempt;
use Illuminate\Http\RedirectResponse;

/** Which of several frames its student holds for the best, and why. */
final class BestFrameController extends Controller
{
    public function __invoke(BestFrameRequest $request, Attempt $attempt, ChooseBest $choose): RedirectResponse
    {
        $input = $request->validated();
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
