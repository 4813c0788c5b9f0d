<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A stabiliser left on where the camera stands still, or off where hands hold it. */
#[Declared('movement.stabiliser', Topic::Movement)]
final class StabiliserMismatch extends FindingRule
{
    /** Seconds: at shorter times a stabiliser on a tripod does no harm that shows. */
    private const MATTERS_FROM = 1 / 30;

    public function needs(): array
    {
        return [Need::Support, Need::ExposureTime];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$stabiliser, $support, $time] = [
            $situation->record->handling->stabiliser,
            $situation->record->support,
            $situation->record->exposure->exposureTime,
        ];
        if ($stabiliser === null || $support === null || $time === null) {
            return null;
        }
        if ($support === Support::Tripod && $stabiliser && $time->exact >= self::MATTERS_FROM) {
            return new Finding(
                id: $this->id(),
                topic: $this->topic(),
                severity: Severity::Weakness,
                sentence: sprintf(
                    'The stabiliser was on at %s on a tripod. With nothing to steady it can drift and blur by itself: '.
                        'switch it off when the camera stands, and on again by hand.',
                    $time,
                ),
                evidence: [new Evidence('stabiliser', 'on', '', 'off on a tripod')],
                source: 'Common practice for tripod work; some bodies notice the tripod themselves, so read your '.
                    'manual.',
            );
        }
        $limit = $situation->handHeldLimit();
        if (
            $support === Support::Tripod ||
            $stabiliser ||
            $limit === null ||
            $limit->roomFor($time->exact)->value >= 0
        ) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'The stabiliser was off, and %s is longer than hands hold without it. Switch it on for work by hand.',
                $time,
            ),
            evidence: [
                new Evidence('stabiliser', 'off', '', 'on by hand'),
                new Evidence(
                    'exposure time',
                    $time->exact,
                    's',
                    $limit->seconds,
                    $limit->roomFor($time->exact)->value,
                    'stops',
                ),
            ],
            source: 'One over the 35 mm equivalent focal length without stabiliser.',
        );
    }
}
