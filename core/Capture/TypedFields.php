<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;

/** What a student typed in where the file had no record. The file's own word always wins. */
final readonly class TypedFields
{
    public function __construct(
        public ?Aperture $fNumber = null,
        public ?ExposureTime $exposureTime = null,
        public ?Iso $iso = null,
        public ?ExposureMode $mode = null,
        public ?float $compensation = null,
        public ?float $focalLength = null,
        public ?float $focalLength35 = null,
        public ?Support $support = null,
    ) {
    }

    /** The record with its gaps filled from here. */
    public function fillIn(CaptureRecord $record): CaptureRecord
    {
        /** @var array<string, Provenance> $provenance */
        $provenance = $record->provenance;
        foreach (array_filter(get_object_vars($this), fn (mixed $typed): bool => $typed !== null) as $field => $typed) {
            $provenance[(string) $field] ??= Provenance::Student;
        }

        return $record->with([
            'fNumber' => $record->fNumber ?? $this->fNumber,
            'exposureTime' => $record->exposureTime ?? $this->exposureTime,
            'iso' => $record->iso ?? $this->iso,
            'compensation' => $record->compensation ?? $this->compensation,
            'mode' => $record->mode === ExposureMode::Unknown ? $this->mode ?? ExposureMode::Unknown : $record->mode,
            'focalLength' => $record->focalLength ?? $this->focalLength,
            'focalLength35' => $record->focalLength35 ?? $this->focalLength35,
            'support' => $record->support ?? $this->support,
            'provenance' => $provenance,
        ]);
    }
}
