<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A flash at a time shorter than the shutter is fully open for. */
#[Declared('flash.above-sync', Topic::Flash)]
final class FlashAboveSync extends FindingRule
{
    public function needs(): array
    {
        return [Need::ExposureTime, Need::Kit];
    }

    public function judge(Situation $situation): ?Finding
    {
        $time = $situation->record->exposure->exposureTime;
        $sync = $situation->kit?->body->limits->flashSync;
        if (
            $situation->record->exposure->flashFired !== true ||
            $time === null ||
            $sync === null ||
            // Nothing stays dark then, and how much it still gives is another rule's to say.
            $situation->kit->flash?->highSpeedSync === true ||
            $situation->record->handling->silent === true
        ) {
            return null;
        }
        $beyond = ExposureTime::of($sync)->stopsMoreLightThan($time);
        if ($beyond->inThirds() < 1) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Fault,
            sentence: sprintf(
                'At %s the shutter of this body is never fully open (%s is its fastest with flash), so part of the '.
                    'frame stays dark, unless the flash has high-speed sync. Set %s or longer.',
                $time,
                ExposureTime::of($sync),
                ExposureTime::of($sync),
            ),
            evidence: [new Evidence('exposure time', $time->exact, 's', $sync, -$beyond->value, 'stops')],
            source: 'The flash sync time entered in the kit.',
            suggestion: SameExposure::with($situation, 'the whole frame gets the flash', time: ExposureTime::of($sync)),
        );
    }
}
