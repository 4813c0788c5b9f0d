<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\SavedPlan;
use InvalidArgumentException;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Plan\LightReadings;
use TruePupil\Core\Plan\Plan;
use TruePupil\Core\Plan\PlannedExposure;

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
            exposure: new PlannedExposure(
                fNumber: $chosen->exposure->fNumber,
                exposureTime: $chosen->exposure->exposureTime,
                iso: $chosen->exposure->iso,
                compensation: $chosen->exposure->compensation,
                mode: $chosen->exposure->mode,
                filterStops: $chosen->exposure->filterStops,
            ),
            focalLength: $chosen->focalLength,
            support: $chosen->support ?? $input->support(),
            readings: new LightReadings(light: $tried($input->light(...)), shadow: $tried($input->shadow(...))),
            intent: $tried($input->intent(...)) ?? new Intent(),
            outing: $tried($input->outing(...)),
        );
    }
}
