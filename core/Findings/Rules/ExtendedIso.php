<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\SensorRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** ISO above the range that the sensor amplifies: only the file is brightened. */
#[Declared('noise.extended-iso', Topic::Noise)]
final class ExtendedIso extends SensorRule
{
    public function needs(): array
    {
        return [Need::Iso, Need::Kit];
    }

    public function judge(Situation $situation): ?Finding
    {
        $iso = $situation->record->exposure->iso;
        $native = $situation->kit?->body->limits->isoNativeMax;
        if ($iso === null || $native === null) {
            return null;
        }
        $beyond = $iso->stopsMoreThan(Iso::of($native));
        if ($beyond->inThirds() < 1) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                '%s lies %s above the highest ISO that your body truly amplifies, %s. Beyond it the file is only '.
                    'brightened: the same exposure at %s, lifted afterwards from raw, keeps the highlights that this '.
                    'one clips.',
                $iso,
                $beyond->inWords(),
                Iso::of($native),
                Iso::of($native),
            ),
            evidence: [new Evidence('ISO', $iso->exact, '', $native, -$beyond->value, 'stops')],
            source: 'The body\'s native range, as entered in the kit.',
        );
    }
}
