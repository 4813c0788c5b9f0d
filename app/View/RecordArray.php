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
            'camera' => ['make' => $record->camera->make, 'model' => $record->camera->model],
            'lens' => $record->lens->name,
            'exposure' => [
                'fNumber' => $record->exposure->fNumber?->recorded,
                'exposureTime' => $record->exposure->exposureTime?->recorded,
                'iso' => $record->exposure->iso === null ? null : (int) round($record->exposure->iso->recorded),
                'compensation' => $record->exposure->compensation,
                'mode' => $record->exposure->mode->value,
                'metering' => $record->exposure->metering->value,
                'flashFired' => $record->exposure->flashFired,
                'focalLength' => $record->lens->focalLength,
                'focalLength35' => $record->lens->focalLength35,
                'whiteBalance' => $record->handling->whiteBalance,
                'kelvin' => $record->handling->kelvin,
                'focusDistance' => $record->handling->focusDistance,
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
