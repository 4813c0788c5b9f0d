<?php

declare(strict_types=1);

namespace App\Imaging;

use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Metering\MeteringPattern;

/** Writes a capture record into a JPEG as EXIF, through exiftool. */
final readonly class TagWriter
{
    public function __construct(private OutsideProgram $exiftool)
    {
    }

    /** @throws OutsideProgramFailed */
    public function write(string $path, CaptureRecord $record): void
    {
        $tags = array_filter(
            [
                'Make' => $record->camera->make,
                'Model' => $record->camera->model,
                'LensModel' => $record->lens->name,
                'FNumber' => $record->exposure->fNumber?->nominal(),
                'ExposureTime' => $record->exposure->exposureTime?->nominal(),
                'ISO' => $record->exposure->iso?->nominal(),
                'ExposureCompensation' => $record->exposure->compensation,
                'ExposureProgram' => match ($record->exposure->mode) {
                    ExposureMode::Manual, ExposureMode::ManualAutoIso => 1,
                    ExposureMode::Program => 2,
                    ExposureMode::Aperture => 3,
                    ExposureMode::Shutter => 4,
                    ExposureMode::Scene => 5,
                    ExposureMode::Bulb => 9,
                    ExposureMode::Auto, ExposureMode::Unknown => 0,
                },
                'ExposureMode' => match ($record->exposure->mode) {
                    ExposureMode::Manual, ExposureMode::ManualAutoIso, ExposureMode::Bulb => 1,
                    default => 0,
                },
                'MeteringMode' => match ($record->exposure->metering) {
                    MeteringPattern::Centre => 2,
                    MeteringPattern::Spot => 3,
                    MeteringPattern::Scene => 5,
                    default => 255,
                },
                'Flash' => $record->exposure->flashFired === null ? null : (int) $record->exposure->flashFired,
                'FocalLength' => $record->lens->focalLength,
                'FocalLengthIn35mmFormat' => $record->lens->focalLength35,
                'WhiteBalance' => ['auto' => 0, 'set' => 1][$record->handling->whiteBalance ?? ''] ?? null,
                'SubjectDistance' => $record->handling->focusDistance,
                'DateTimeOriginal' => $record->takenAt?->format('Y:m:d H:i:s'),
                'MaxApertureValue' => $record->lens->widestFNumber,
                'ColorSpace' => 1,
            ],
            fn (mixed $value): bool => $value !== null,
        );

        $arguments = [];
        foreach ($tags as $name => $value) {
            $arguments[] = '-EXIF:'.$name.'='.$value;
        }
        $this->exiftool->run(['-overwrite_original', '-q', '-n', ...$arguments, '--', $path]);
    }
}
