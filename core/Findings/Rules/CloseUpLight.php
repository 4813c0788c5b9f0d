<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Optics\CloseUp;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A close-up, where magnification costs light and depth. */
#[Declared('depth.close-up', Topic::Depth)]
final class CloseUpLight extends FindingRule
{
    /** From a quarter of life size on the loss passes half a stop. */
    private const CLOSE = 0.25;

    public function needs(): array
    {
        return [Need::Settings, Need::FocalLength, Need::Distance];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$focalLength, $aperture, $focus] = [
            $situation->record->lens->focalLength,
            $situation->record->exposure->fNumber,
            $situation->focusDistance(),
        ];
        if ($focalLength === null || $aperture === null || $focus === null || $focus * 1000 <= $focalLength) {
            return null;
        }
        $close = CloseUp::of($focalLength, $aperture->exact, $focus);
        if ($close->magnification < self::CLOSE) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'At this distance the picture is %.2f times life size: %s works like %s, %s less light, and '.
                    'diffraction counts from there. A meter through the lens has allowed for the light; a hand meter '.
                    'or a flash by guide number has not.',
                $close->magnification,
                $aperture,
                Aperture::nearest($close->effectiveFNumber),
                $close->lightLost->inWords(),
            ),
            evidence: [
                new Evidence('magnification', $close->magnification, '', self::CLOSE),
                new Evidence(
                    'effective f-number',
                    $close->effectiveFNumber,
                    '',
                    $aperture->exact,
                    -$close->lightLost->value,
                    'stops',
                ),
            ],
            source: 'Effective f-number N·(1 + m).',
        );
    }
}
