<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\RecordColourSpace;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\SensorRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Situation;

/** A JPEG in a colour space that most screens and labs do not expect. */
#[Declared('file.colour-space', Topic::File, contradictedBy: [RecordColourSpace::class])]
final class WideColourSpace extends SensorRule
{
    /** Mean saturation (HSV) of a black-and-white picture, toned ones included. */
    private const COLOURLESS = 0.03;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $space = $situation->file->colourSpace;
        if (
            $situation->file->format !== 'JPEG' ||
            $space === null ||
            preg_match('/sRGB|IEC ?61966/i', $space) === 1 ||
            preg_match('/gr[ae]y|CMYK/i', $space) === 1 ||
            // Where there is no colour none turns dull.
            ($situation->measures->colour !== null && $situation->measures->colour->saturation < self::COLOURLESS)
        ) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'This JPEG is not in sRGB (%s). Shown where profiles are ignored its colours turn dull. Hand out '.
                    'sRGB, and keep the wide space for raw and for print.',
                $space,
            ),
            evidence: [new Evidence('colour space', $space, '', 'sRGB')],
            source: 'sRGB (IEC 61966-2-1) is what is assumed where no profile is read.',
        );
    }
}
