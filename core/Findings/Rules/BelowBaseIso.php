<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\SensorRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/**
 * ISO below the sensor's base: the file gets darker, the sensor is full as soon as before, so highlights clip earlier.
 */
#[Declared('exposure.iso-below-base', Topic::Exposure)]
final class BelowBaseIso extends SensorRule
{
    public function needs(): array
    {
        return [Need::Iso, Need::Kit];
    }

    public function judge(Situation $situation): ?Finding
    {
        $iso = $situation->record->exposure->iso;
        $base = $situation->baseIso();
        $film = $situation->kit?->film;
        if ($iso === null || $film !== null || $base->stopsMoreThan($iso)->inThirds() < 1) {
            return null;
        }
        $lost = $base->stopsMoreThan($iso);
        $valuesBase = $situation->approach->light->lowestIso->valuesBaseIso();
        $time = $situation->record->exposure->exposureTime;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $valuesBase ? Severity::Weakness : Severity::Choice,
            sentence: sprintf(
                '%s lies %s below the base of your body, %s: highlights clip %s sooner. Where the time is too long or '.
                    'the light too strong, a filter costs nothing of that.',
                $iso,
                $lost->inWords(),
                $base,
                $lost->inWords(),
            ),
            evidence: [new Evidence('ISO below base', $lost->value, 'stops', 0.0, -$lost->value)],
            source: 'Values below base are the base exposure developed darker (ISO 12232 saturation speed).',
            suggestion: $time === null
                ? null
                : SameExposure::with(
                    $situation,
                    'the whole range of highlights',
                    time: ExposureTime::nearest($time->exact / $lost->ratio()),
                ),
            otherView: $valuesBase
                ? 'Others take the lowest number the camera offers, for the longest time or the least noise.'
                : 'Others stay at base, since what lies below gives up highlights.',
        );
    }
}
