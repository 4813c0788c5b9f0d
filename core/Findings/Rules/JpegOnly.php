<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\Protects;
use TruePupil\Core\Approach\WideRange;
use TruePupil\Core\Checks\Measures\RecordFileFormat;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\SensorRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Situation;

/** A JPEG where the picture needs the latitude of raw. */
#[Declared('file.jpeg-only', Topic::File, contradictedBy: [RecordFileFormat::class])]
final class JpegOnly extends SensorRule
{
    /** Stops between black and white in a finished rendering. */
    private const JPEG_RANGE = 9.0;

    /** Stops. */
    private const FORGIVES = 1.5;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        if (
            $situation->file->format !== 'JPEG' ||
            $situation->kit?->film !== null ||
            $situation->approach->light->protects === Protects::MidTones
        ) {
            return null;
        }
        $range = $situation->statement->intent->sceneStops ?? 0.0;
        $offBy = abs($situation->placementError()->value ?? 0.0);
        $reasons = array_filter([
            'the scene spans more than a JPEG holds' => $range > self::JPEG_RANGE,
            'the shadows are to be lifted' => $situation->approach->light->wideRange === WideRange::LiftedShadows
                && $range > self::JPEG_RANGE - 1,
            'the exposure is off by more than a JPEG forgives' => $offBy > self::FORGIVES,
        ]);
        if ($reasons === []) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'Only a JPEG was handed in, and %s. A raw file of the same frame could be corrected by about two '.
                    'stops more; set the camera to raw, or raw with JPEG, for such light.',
                array_key_first($reasons),
            ),
            evidence: [
                new Evidence('file', 'JPEG', '', 'raw'),
                ...$situation->statement->intent->sceneStops === null
                    ? []
                    : [
                        new Evidence(
                            'range of the scene',
                            $situation->statement->intent->sceneStops,
                            'stops',
                            self::JPEG_RANGE,
                            self::JPEG_RANGE - $situation->statement->intent->sceneStops,
                        ),
                    ],
            ],
            source: 'Eight bits and a finished tone curve leave about a stop of room either way.',
            otherView: 'Others keep to JPEG and get it right in the camera, as on slide film.',
        );
    }
}
