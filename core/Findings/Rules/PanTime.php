<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\MovementBandError;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A time that a pan cannot use: too short to streak the background, or too long to keep the subject. */
#[Declared('movement.pan-time', Topic::Movement, contradictedBy: [MovementBandError::class])]
final class PanTime extends FindingRule
{
    public function needs(): array
    {
        return [Need::ExposureTime, Need::Movement];
    }

    public function judge(Situation $situation): ?Finding
    {
        $time = $situation->record->exposure->exposureTime;
        $band = $situation->movementBand();
        if (
            $situation->statement->intent->movement?->want !== MovementLook::Pan ||
            $time === null ||
            $band?->shortest === null ||
            $band->longest === null
        ) {
            return null;
        }
        [$short, $long] = [
            Stops::ofRatio($band->shortest / $time->exact),
            Stops::ofRatio($time->exact / $band->longest),
        ];
        if ($short->value <= 1 / 3 && $long->value <= 1 / 3) {
            return null;
        }
        $isShort = $short->value > 1 / 3;
        $better = $isShort
            ? ExposureTime::noShorterThan($band->shortest)
            : ExposureTime::noLongerThan(max($band->longest, $band->shortest));

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: $isShort
                ? sprintf(
                    '%s is %s too short for a pan: what stands still hardly streaks, so nothing tells of speed. '.
                        'Follow it at about %s.',
                    $time,
                    $short->inWords(),
                    $better,
                )
                : sprintf(
                    '%s is %s longer than most people follow evenly: the subject itself smears. Follow it at about %s.',
                    $time,
                    $long->inWords(),
                    $better,
                ),
            evidence: [
                new Evidence(
                    'exposure time',
                    $time->exact,
                    's',
                    $isShort ? $band->shortest : $band->longest,
                    $isShort ? -$short->value : -$long->value,
                    'stops',
                ),
            ],
            source: 'A background streak of a hundredth of the width at least, and 7 % of the speed left over in the '.
                'following.',
            suggestion: SameExposure::with($situation, 'the background streaks and the subject stays', time: $better),
        );
    }
}
