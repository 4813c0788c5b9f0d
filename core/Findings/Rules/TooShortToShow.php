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
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A movement that was to show as a streak, and hardly does. */
#[Declared('movement.too-short-to-show', Topic::Movement, contradictedBy: [MovementBandError::class])]
final class TooShortToShow extends FindingRule
{
    public function needs(): array
    {
        return [Need::ExposureTime, Need::Movement];
    }

    public function judge(Situation $situation): ?Finding
    {
        $movement = $situation->statement->intent->movement;
        $time = $situation->record->exposure->exposureTime;
        $shortest = $situation->movementBand()?->shortest;
        if ($movement?->want !== MovementLook::Streak || $time === null || $shortest === null) {
            return null;
        }
        $short = Stops::ofRatio($shortest / $time->exact);
        if ($short->value <= 1 / 3) {
            return null;
        }
        $needed = ExposureTime::noShorterThan($shortest);
        $limit = $situation->handHeldLimit();
        $support = $limit !== null && $limit->roomFor($needed->exact)->value < -1 / 3 ? Support::Tripod : null;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $short->value >= 1.0 ? Severity::Fault : Severity::Weakness,
            sentence: sprintf(
                '%s is %s too short for the movement to show: it would take %s or longer.%s',
                $time,
                $short->inWords(),
                $needed,
                $support === null ? '' : ' That is more than hands hold, so put the camera on a tripod.',
            ),
            evidence: [new Evidence('exposure time', $time->exact, 's', $shortest, -$short->value, 'stops')],
            source: 'A streak of three hundredths of the frame\'s width reads as movement.',
            suggestion: SameExposure::with($situation, 'the movement shows', time: $needed, support: $support),
        );
    }
}
