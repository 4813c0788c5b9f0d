<?php

declare(strict_types=1);

namespace App\View;

use TruePupil\Core\Capture\PictureRecord;
use TruePupil\Core\Capture\Provenance;

/** A picture's record as the plain values that the headless commands print; unknown values are null. */
final class RecordArray
{
    /** @return array<string, mixed> */
    public static function of(PictureRecord $picture): array
    {
        $record = $picture->capture;

        return [
            'camera' => ['make' => $record->make, 'model' => $record->model],
            'lens' => $record->lens,
            'exposure' => [
                'fNumber' => $record->fNumber?->recorded,
                'exposureTime' => $record->exposureTime?->recorded,
                'iso' => $record->iso === null ? null : (int) round($record->iso->recorded),
                'compensation' => $record->compensation,
                'mode' => $record->mode->value,
                'metering' => $record->metering->value,
                'flashFired' => $record->flashFired,
                'focalLength' => $record->focalLength,
                'focalLength35' => $record->focalLength35,
                'whiteBalance' => $record->whiteBalance,
                'focusDistance' => $record->focusDistance,
                'takenAt' => $record->takenAt?->format('Y-m-d\TH:i:s'),
            ],
            'provenance' => (object) array_map(fn (Provenance $source): string => $source->value, $record->provenance),
            'image' => [
                'width' => $picture->width,
                'height' => $picture->height,
                'format' => $picture->format,
                'orientation' => $picture->orientation,
                'colourSpace' => $picture->colourSpace,
            ],
        ];
    }
}
