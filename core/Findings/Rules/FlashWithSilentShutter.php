<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Situation;

/** A flash together with the silent, electronic shutter. */
#[Declared('flash.silent-shutter', Topic::Flash)]
final class FlashWithSilentShutter extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $record = $situation->record;
        if ($record->exposure->flashFired !== true || $record->handling->silent !== true) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Fault,
            sentence: 'A flash and the silent electronic shutter do not go together: the sensor is read line by line, '.
                'and the flash lights only some of the lines, or does not fire at all. Switch to the mechanical '.
                'shutter.',
            evidence: [new Evidence('shutter', 'electronic', '', 'mechanical')],
            source: 'Rolling readout of an electronic shutter; few bodies are fast enough for flash.',
        );
    }
}
