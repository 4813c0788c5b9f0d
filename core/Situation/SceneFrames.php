<?php

declare(strict_types=1);

namespace TruePupil\Core\Situation;

use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Series\SceneFrame;

/** What one frame tells the row that it stands in, from all that is known of it. */
final class SceneFrames
{
    /** @param  ?float  $cameraHeight  in heights of the subject above its foot, as the marks have it */
    public static function of(
        ?CaptureRecord $record,
        ?FrameMeasures $measures,
        ?Intent $intent,
        ?float $cameraHeight,
    ): SceneFrame {
        return new SceneFrame(
            sharePct: $measures?->subject?->region->sharePct(),
            focalLength35: $record?->lens->focalLength35,
            takenAt: $record?->takenAt?->getTimestamp(),
            horizon: $cameraHeight,
            picture: $measures?->thumb,
            subjectStops: $measures?->subject?->placement()->value,
            facing: $intent?->facing?->value,
            light: $intent?->lightFrom?->value,
            warm: $measures?->colour?->cast['warm'] ?? null,
        );
    }
}
