<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\WhiteBalanceSetting;
use TruePupil\Core\Checks\Measures\RecordWhiteBalance;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Situation;

/** Automatic white balance, in a course that sets it by hand. */
#[Declared('colour.white-balance-automatic', Topic::Colour, contradictedBy: [RecordWhiteBalance::class])]
final class WhiteBalanceLeftToCamera extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        if (
            $situation->record->handling->whiteBalance !== 'auto' ||
            $situation->approach->picture->whiteBalance !== WhiteBalanceSetting::Fixed ||
            $situation->kit?->film !== null
        ) {
            return null;
        }
        $isRow = $situation->assignment->series !== null;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $isRow ? Severity::Weakness : Severity::Choice,
            sentence: $isRow
                ? 'White balance was left to the camera, which decides anew with every frame of the row: their '.
                    'colours need not match. Set a kelvin value that fits the light and leave it.'
                : 'White balance was left to the camera. This course sets a kelvin value that fits the light: about '.
                    '5500 K in the sun, 7000 K in shade, 3000 K under lamps.',
            evidence: [new Evidence('white balance', 'automatic', '', 'set by hand')],
            source: 'The record; usual colour temperatures of daylight, shade and incandescent lamps.',
            otherView: 'Others leave it automatic and set it afterwards in the raw file, where it costs nothing.',
        );
    }
}
