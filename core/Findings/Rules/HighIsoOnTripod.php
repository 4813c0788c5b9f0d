<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\RecordIsoSlack;
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

/** A long exposure at high ISO on a tripod, where a longer time at a lower ISO was free. */
#[Declared('noise.tripod-high-iso', Topic::Noise, contradictedBy: [RecordIsoSlack::class])]
final class HighIsoOnTripod extends SensorRule
{
    /** Stops: less is not worth turning a dial for. */
    private const LIMIT = 2 / 3;

    private const FAULT = 2.0;

    /** Stops over base below which noise is not seen: there it is never something to put right. */
    private const SEEN = 3.0;

    public function needs(): array
    {
        return [Need::Iso, Need::ExposureTime, Need::Support];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$iso, $time, $slack] = [
            $situation->record->exposure->iso,
            $situation->record->exposure->exposureTime,
            $situation->isoSlack(),
        ];
        if (
            $situation->record->support?->stopsSteadier() !== null ||
            $iso === null ||
            $time === null ||
            $slack === null ||
            $situation->comparesValues() ||
            $slack->value <= self::LIMIT + 1e-9
        ) {
            return null;
        }
        $longer = ExposureTime::nearest($time->exact * $slack->ratio());
        $limit = $situation->longestForMovement();

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $slack->value >= self::FAULT && $situation->isoOverBase() >= self::SEEN
                ? Severity::Fault
                : Severity::Weakness,
            sentence: sprintf(
                '%s is %s more than the light needed: on a tripod %s, so %s would have given the same picture with '.
                    'less noise.',
                $iso,
                $slack->inWords(),
                $limit === null
                    ? 'a still subject gives you all the time there is'
                    : sprintf('this movement allows %s', ExposureTime::noLongerThan($limit)),
                $longer,
            ),
            evidence: [
                new Evidence('ISO slack', $slack->value, 'stops', self::LIMIT, self::LIMIT - $slack->value),
                ...$limit === null
                    ? []
                    : [
                        new Evidence(
                            'longest time for the movement',
                            $limit,
                            's',
                            $time->exact,
                            log($limit / $time->exact, 2),
                            'stops',
                        ),
                    ],
            ],
            source: sprintf('On a tripod only movement and the body limit the time; base %s.', $situation->baseIso()),
            suggestion: SameExposure::with($situation, 'all the light the subject stands still for', time: $longer),
        );
    }
}
