<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A mode that follows the meter while the subject goes from one light into another. */
#[Declared('mode.priority-across-light', Topic::Mode)]
final class PriorityAcrossLight extends FindingRule
{
    public function needs(): array
    {
        return [Need::Mode];
    }

    public function judge(Situation $situation): ?Finding
    {
        $mode = $situation->record->exposure->mode;
        if (! $situation->statement->intent->contents->crossesLight || ! $mode->followsTheMeter()) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'The subject goes from one light into another, and in %s the exposure follows the background, not the '.
                    'subject. Measure where the picture will happen, lock it in manual, and let the subject come to '.
                    'it.',
                $mode->label(),
            ),
            evidence: [new Evidence('exposure mode', $mode->value, '', ExposureMode::Manual->value)],
            source: 'A meter reads the whole frame and knows nothing of the next second.',
        );
    }
}
