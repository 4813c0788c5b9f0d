<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\RecordFocusMode;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\FocusMode;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A moving subject with a focus that stays where it was. */
#[Declared('focus.single-on-movement', Topic::Focus, contradictedBy: [RecordFocusMode::class])]
final class SingleFocusOnMovement extends FindingRule
{
    private const WALKING = 1.4;

    /** m/s. */
    private const MATTERS = 0.3;

    public function needs(): array
    {
        return [Need::Movement];
    }

    public function judge(Situation $situation): ?Finding
    {
        $movement = $situation->statement->intent->movement;
        if (
            $movement === null ||
            $situation->record->handling->focusMode !== FocusMode::Single ||
            ! in_array($movement->want, [MovementLook::Freeze, MovementLook::Acceptable, MovementLook::Pan], true)
        ) {
            return null;
        }
        // Across the frame the distance hardly changes; towards the camera it does.
        $towards =
            ($movement->speed ?? self::WALKING) *
            ($movement->want === MovementLook::Pan ? 1.0 : abs(sin(deg2rad($movement->angle))));
        if ($movement->speed !== null && $towards < self::MATTERS) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: 'The focus was set to hold still while the subject moved. Continuous focus goes with it; or '.
                'focus by hand on the place where the picture will happen.',
            evidence: [
                new Evidence('focus mode', FocusMode::Single->value, '', FocusMode::Continuous->value),
                new Evidence('speed towards the camera', $towards, 'm/s', self::MATTERS, self::MATTERS - $towards),
            ],
            source: 'A subject that comes nearer leaves the plane of focus between half-press and exposure.',
        );
    }
}
