<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\IsoSetting;
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

/** ISO higher than the light needed: the exposure time had room above what hands hold and what movement allows. */
#[Declared('noise.iso-slack', Topic::Noise, contradictedBy: [RecordIsoSlack::class])]
final class IsoSlack extends SensorRule
{
    /** Less than this is within what hands differ by. */
    private const LIMIT = 1.0;

    private const FAULT = 2.0;

    /** Stops to spare below which nothing is said of an ISO whose noise is lived with. */
    private const SPARE = 2.0;

    /** Stops over base below which noise is not seen: there it is never something to put right. */
    private const SEEN = 3.0;

    public function needs(): array
    {
        return [Need::Iso, Need::ExposureTime, Need::Support, Need::FocalLength, Need::Format];
    }

    public function judge(Situation $situation): ?Finding
    {
        $slack = $situation->isoSlack();
        $iso = $situation->record->exposure->iso;
        $time = $situation->record->exposure->exposureTime;
        $support = $situation->record->support;
        $limit = $situation->unsteadiedLimit();
        // On a tripod another finding speaks of it.
        if (
            $slack === null ||
            $iso === null ||
            $time === null ||
            $support === null ||
            $limit === null ||
            $situation->comparesValues() ||
            $slack->value <= self::LIMIT + 1e-9 ||
            // Up to the ISO that its owner lives with, a little is nothing.
            ($slack->value < self::SPARE - 1e-9 && $iso->exact <= $situation->liveableIso())
        ) {
            return null;
        }
        $handsSet = $situation->approach->light->iso === IsoSetting::ByHand;
        $movement = $situation->longestForMovement();

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $handsSet && $slack->value >= self::FAULT && $situation->isoOverBase() >= self::SEEN
                ? Severity::Fault
                : Severity::Weakness,
            sentence: sprintf(
                '%s is %s more than the light needed: at %s there was that much room before %s.',
                $iso,
                $slack->inWords(),
                $time,
                $movement !== null && $movement < $limit->seconds ? 'the movement blurs'
                    : 'hands come within a stop of shaking',
            ),
            evidence: [
                new Evidence('ISO slack', $slack->value, 'stops', self::LIMIT, self::LIMIT - $slack->value),
                new Evidence(
                    'longest time held still',
                    $limit->seconds,
                    's',
                    $time->exact,
                    $limit->roomFor($time->exact)->value,
                    'stops',
                ),
                ...$movement === null
                    ? []
                    : [
                        new Evidence(
                            'longest time for the movement',
                            $movement,
                            's',
                            $time->exact,
                            log($movement / $time->exact, 2),
                            'stops',
                        ),
                    ],
            ],
            source: sprintf(
                'Hand-held limit of one over the 35 mm equivalent focal length, and a stop faster is good practice; '.
                    'base %s.',
                $situation->baseIso(),
            ),
            suggestion: SameExposure::with(
                $situation,
                'the same picture',
                time: ExposureTime::nearest($time->exact * $slack->ratio()),
            ),
            otherView: $handsSet
                ? null
                : 'With automatic ISO the camera chose this; a slower "slowest shutter" setting would bring it down.',
        );
    }
}
