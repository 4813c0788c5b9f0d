<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\SensorRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** The lowest clean ISO, with a time that hands or tripod hold. */
#[Declared('noise.base-iso-kept', Topic::Noise)]
final class BaseIsoKept extends SensorRule
{
    public function needs(): array
    {
        return [Need::Iso, Need::ExposureTime, Need::Support];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$iso, $time] = [$situation->record->exposure->iso, $situation->record->exposure->exposureTime];
        $limit = $situation->handHeldLimit();
        $isSteady =
            $situation->record->support?->stopsSteadier() === null ||
            ($limit !== null && $time !== null && $limit->roomFor($time->exact)->value >= -1 / 6);
        if (
            $iso === null ||
            $time === null ||
            ! $isSteady ||
            abs($iso->stopsMoreThan($situation->lowestIso())->value) > 1 / 6
        ) {
            return null;
        }
        $longest = $situation->longestForMovement();
        if ($longest !== null && $time->exact > $longest * 2 ** (1 / 6)) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Praise,
            sentence: sprintf(
                '%s, the cleanest your sensor gives, and still %s that %s.',
                $iso,
                $time,
                $limit === null ? 'the tripod holds without trouble' : 'hands hold',
            ),
            evidence: [
                new Evidence(
                    'ISO above the lowest',
                    $iso->stopsMoreThan($situation->lowestIso())->value,
                    'stops',
                    1 / 6,
                    1 / 6,
                ),
                ...$limit === null
                    ? []
                    : [
                        new Evidence(
                            'exposure time',
                            $time->exact,
                            's',
                            $limit->seconds,
                            $limit->roomFor($time->exact)->value,
                            'stops',
                        ),
                    ],
            ],
            source: 'Base ISO and the hand-held limit together.',
        );
    }
}
