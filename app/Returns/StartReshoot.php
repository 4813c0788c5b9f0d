<?php

declare(strict_types=1);

namespace App\Returns;

use App\Input\IntentInput;
use App\Models\Attempt;
use App\Models\SavedPlan;

/** Begins the plan of the next attempt with what the return suggested. */
final class StartReshoot
{
    /** The plan that is there, or one filled from the return; what the student has typed already stays. */
    public static function plan(Attempt $returned): SavedPlan
    {
        $plan = SavedPlan::forNext($returned->setBrief, $returned->user);
        if ($plan->exists) {
            return $plan;
        }
        $frame = $returned->frameToReshoot();
        $suggestion = $frame?->chosenSuggestion();
        $input = array_filter(
            [
                'way' => 'earlier',
                'earlier' => $frame === null ? null : (string) $frame->id,
                ...$frame?->intent === null ? [] : IntentInput::write($frame->intent),
                'placement' => $frame?->placement_id,
                'about' => $frame?->about,
                'support' => ($suggestion->support ?? $frame?->stated?->support)?->value,
            ],
            fn (mixed $value): bool => $value !== null && $value !== '',
        );
        $plan->fill(['input' => $input, 'chosen' => $suggestion])->save();

        return $plan;
    }
}
