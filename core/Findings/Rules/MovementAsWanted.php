<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Motion\WaterLook;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A movement that looks as it was meant to. */
#[Declared('movement.as-wanted', Topic::Movement)]
final class MovementAsWanted extends FindingRule
{
    public function needs(): array
    {
        return [Need::ExposureTime, Need::FocalLength, Need::Format, Need::Movement];
    }

    public function judge(Situation $situation): ?Finding
    {
        $movement = $situation->statement->intent->movement;
        $time = $situation->record->exposure->exposureTime;
        $band = $situation->movementBand();
        if ($movement === null || $time === null || $band === null) {
            return null;
        }
        $isInside =
            ($band->longest === null || $time->exact <= $band->longest * 2 ** (1 / 6)) &&
            ($band->shortest === null || $time->exact >= $band->shortest / 2 ** (1 / 6));
        // Silk ends where mist begins.
        $isMist = $movement->want === MovementLook::Silk && $time->exact > 2 * WaterLook::Silk->band()[1];
        if (! $isInside || $isMist) {
            return null;
        }
        $bound = $band->longest ?? ($band->shortest ?? $time->exact);

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Praise,
            sentence: sprintf('%s gives the movement the look you wanted: %s.', $time, $movement->want->label()),
            evidence: [
                new Evidence('exposure time', $time->exact, 's', $bound, abs(log($bound / $time->exact, 2)), 'stops'),
            ],
            source: 'Speed across the frame × time × magnification, or the bands of common practice for water.',
        );
    }
}
