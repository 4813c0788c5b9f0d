<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\SensorRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Automatic ISO ran to the end of its range. */
#[Declared('noise.automatic-iso-at-end', Topic::Noise)]
final class AutomaticIsoAtEnd extends SensorRule
{
    public function needs(): array
    {
        return [Need::Iso, Need::Kit];
    }

    public function judge(Situation $situation): ?Finding
    {
        $automatic = $situation->kit?->autoIso;
        $iso = $situation->record->exposure->iso;
        $isAutomatic =
            $situation->record->exposure->isoAutomatic === true ||
            $situation->record->exposure->mode === ExposureMode::ManualAutoIso;
        if ($automatic === null || $iso === null || ! $isAutomatic) {
            return null;
        }
        $atCeiling = $iso->exact >= $automatic->ceiling * 0.97;
        $atFloor = $iso->exact <= $automatic->floor * 1.03;
        if (! $atCeiling && ! $atFloor) {
            return null;
        }
        $time = $situation->record->exposure->exposureTime;
        $limit = $situation->handHeldLimit();
        $tooSlow = $time !== null && $limit !== null && $limit->roomFor($time->exact)->value < -1 / 3;
        if ($atFloor && ! $atCeiling) {
            $error = $situation->placementError();
            // The floor is where it should be in good light; it only matters when light is left over.
            if ($error === null || $error->value <= 1 / 3) {
                return null;
            }
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: ($atFloor && ! $atCeiling) || $tooSlow ? Severity::Fault : Severity::Choice,
            sentence: $atCeiling
                ? sprintf(
                    'Automatic ISO had reached its ceiling, %s, so the camera took the rest from %s. %s',
                    $iso,
                    $time === null ? 'the time' : 'the time, down to '.$time,
                    $tooSlow
                        ? 'That is longer than hands hold: raise the ceiling, open up, or find support.'
                        : 'Know where your ceiling is, and what the camera does when it gets there.',
                )
                : sprintf(
                    'Automatic ISO had reached its floor, %s, and there was still too much light: close the aperture, '.
                        'shorten the time or put a filter on.',
                    $iso,
                ),
            evidence: [
                new Evidence(
                    'ISO',
                    $iso->exact,
                    '',
                    $atCeiling ? $automatic->ceiling : $automatic->floor,
                    0.0,
                    'stops',
                ),
            ],
            source: 'The automatic-ISO setup entered in the kit.',
        );
    }
}
