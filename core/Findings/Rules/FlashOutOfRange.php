<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\FlashReach;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Optics\Metres;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A subject beyond what the flash reaches at this aperture and ISO. */
#[Declared('flash.out-of-range', Topic::Flash)]
final class FlashOutOfRange extends FindingRule
{
    public function needs(): array
    {
        return [Need::Settings, Need::Kit, Need::Distance];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$settings, $guideNumber, $distance] = [
            $situation->record->settings(),
            $situation->kit?->flash?->guideNumber,
            $situation->focusDistance(),
        ];
        if (
            $situation->record->exposure->flashFired !== true ||
            $settings === null ||
            $guideNumber === null ||
            $distance === null
        ) {
            return null;
        }
        $reach = FlashReach::of($guideNumber, $settings->aperture->exact, $settings->iso->exact)->metres;
        // Light falls with the square of the distance.
        $short = Stops::of(2 * log($distance / $reach, 2));
        if ($short->value <= 1 / 3) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Fault,
            sentence: sprintf(
                'At %s and %s your flash reaches %s, and the subject stands at %s: %s short. Open up, raise ISO, or '.
                    'go nearer.',
                $settings->aperture,
                $settings->iso,
                Metres::text($reach),
                Metres::text($distance),
                $short->inWords(),
            ),
            evidence: [new Evidence('distance', $distance, 'm', $reach, -$short->value, 'stops')],
            source: 'Guide number × √(ISO/100) / f-number, at full power.',
        );
    }
}
