<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Adviser\LensChoice;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A focal length far from the framing that was planned. */
#[Declared('lens.framing', Topic::Lens)]
final class FramingOff extends FindingRule
{
    public function needs(): array
    {
        return [Need::FocalLength, Need::Format];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$wanted, $focalLength, $format] = [
            $situation->statement->intent->focalLength35,
            $situation->record->lens->focalLength,
            $situation->format(),
        ];
        if ($wanted === null || $focalLength === null || $format === null) {
            return null;
        }
        $actual = $situation->record->lens->focalLength35 ?? $focalLength * $format->crop();
        $off = log($actual / $wanted, 2);
        if (abs($off) <= LensChoice::NEAR_ENOUGH) {
            return null;
        }
        $needed = $wanted / $format->crop();
        $lens = $situation->kit?->lensesAt($needed)[0] ?? null;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'You meant to frame it like %s mm on 36×24, and this frame is %s: %.1f times %s. From the same spot '.
                    'that is %s mm on your camera%s; walking instead changes how near and far stand to each other.',
                round($wanted),
                round($actual),
                2 ** abs($off),
                $off > 0 ? 'tighter' : 'wider',
                round($needed),
                $lens === null ? '' : ', with your '.$lens->name,
            ),
            evidence: [new Evidence('35 mm equivalent focal length', $actual, 'mm', $wanted)],
            source: 'Focal lengths compared as 35 mm equivalents; a fifth either way is a step or two.',
        );
    }
}
