<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Field\MatchScans;
use App\HandIn\HandInRefused;
use App\Models\Attempt;
use App\Models\FilmRoll;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use TruePupil\Core\Roll\FrameNumber;

/** Pictures of an attempt as scans of a roll: which frame each of them is. */
final class ScanController extends Controller
{
    public function __invoke(Request $request, Attempt $attempt, MatchScans $match): RedirectResponse
    {
        $input = $request->validate([
            'roll' => ['required', Rule::exists('film_rolls', 'id')->where('user_id', $this->user($request)->id)],
            'numbers' => ['array', 'max:200'],
            'numbers.*' => ['nullable', 'string', 'max:4', function (string $at, mixed $number, \Closure $fail): void {
                if (! FrameNumber::isOne(strtoupper((string) $number))) {
                    $fail(sprintf('"%s" is no frame of a roll.', $number));
                }
            }],
        ], ['roll.*' => 'Say which roll it is.']);
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
