<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Field\MatchScans;
use App\HandIn\HandInRefused;
use App\Http\Requests\ScanRequest;
use App\Models\Attempt;
use App\Models\FilmRoll;
use Illuminate\Http\RedirectResponse;

/** Pictures of an attempt as scans of a roll: which frame each of them is. */
final class ScanController extends Controller
{
    public function __invoke(ScanRequest $request, Attempt $attempt, MatchScans $match): RedirectResponse
    {
        $input = $request->validated();
        $numbers = [];
        foreach ((array) ($input['numbers'] ?? []) as $frame => $number) {
            $numbers[(int) $frame] = strtoupper((string) $number);
        }
        try {
            $matched = $match->handle($attempt, FilmRoll::query()->findOrFail((int) $input['roll']), $numbers);
        } catch (HandInRefused $problem) {
            return back()->with('problem', $problem->getMessage());
        }

        return back()->with('done', sprintf(
            '%d %s. What was typed before stays; the log filled the gaps.',
            $matched,
            $matched === 1 ? 'scan is matched' : 'scans are matched',
        ));
    }
}
