<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\SavedPlan;
use InvalidArgumentException;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Plan\Plan;

/** What a saved plan says, as far as it can be used. */
final class SavedPlanReader
{
    /** Without looking at earlier frames: enough to compare with what was shot. */
    public static function read(SavedPlan $saved): Plan
    {
        $input = PlanInput::of($saved->input, $saved->setBrief->course->timezone);
        $tried = function (callable $read): mixed {
            try {
                return $read();
            } catch (InvalidArgumentException) {
                return null;
            }
        };
        $chosen = $saved->chosen === null ? new Plan() : Plan::ofSuggestion($saved->chosen);

        return new Plan(
            $chosen->fNumber,
            $chosen->exposureTime,
            $chosen->iso,
            $chosen->compensation,
            $chosen->mode,
            $chosen->focalLength,
            $chosen->support ?? $input->support(),
            $chosen->filterStops,
            $tried($input->light(...)),
            null,
            $tried($input->intent(...)) ?? new Intent(),
            $tried($input->outing(...)),
        );
    }
}
