<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;

/** What a student typed in where the file had no record. The file's own word always wins. */
final readonly class StatedFields
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
        public ?PictureOrigin $origin = null,
    ) {
    }

    /** The record with its gaps filled from here. */
    public function fillIn(CaptureRecord $record): CaptureRecord
    {
        /** @var array<string, Provenance> $provenance */
        $provenance = $record->provenance;
        foreach ($this->given() as $field) {
            $provenance[$field] ??= Provenance::Student;
        }

        [$exposure, $lens] = [$record->exposure, $record->lens];

        return new CaptureRecord(
            $record->camera,
            new RecordedLens(
                $lens->name,
                $lens->focalLength ?? $this->focalLength,
                $lens->focalLength35 ?? $this->focalLength35,
                $lens->widestFNumber,
                $lens->range,
            ),
            new RecordedExposure(
                $exposure->fNumber ?? $this->fNumber,
                $exposure->exposureTime ?? $this->exposureTime,
                $exposure->iso ?? $this->iso,
                $exposure->isoAutomatic,
                $exposure->compensation ?? $this->compensation,
                $exposure->mode === ExposureMode::Unknown ? $this->mode ?? ExposureMode::Unknown : $exposure->mode,
                $exposure->metering,
                $exposure->flashFired,
            ),
            $record->handling,
            $record->takenAt,
            // In the air nobody holds it, whatever was said before.
            $record->support ?? ($this->origin === PictureOrigin::Aerial ? null : $this->support),
            $provenance,
            $record->origin ?? $this->origin,
        );
    }

    /** @return list<string> the names of the fields that were stated */
    public function given(): array
    {
        $fields = [
            'fNumber' => $this->fNumber,
            'exposureTime' => $this->exposureTime,
            'iso' => $this->iso,
            'mode' => $this->mode,
            'compensation' => $this->compensation,
            'focalLength' => $this->focalLength,
            'focalLength35' => $this->focalLength35,
            'support' => $this->support,
            'origin' => $this->origin,
        ];

        return array_keys(array_filter($fields, fn (mixed $stated): bool => $stated !== null));
    }

    /** What was stated here, and where nothing was, what the other says. */
    public function orElse(self $other): self
    {
        return new self(
            $this->fNumber ?? $other->fNumber,
            $this->exposureTime ?? $other->exposureTime,
            $this->iso ?? $other->iso,
            $this->mode ?? $other->mode,
            $this->compensation ?? $other->compensation,
            $this->focalLength ?? $other->focalLength,
            $this->focalLength35 ?? $other->focalLength35,
            $this->support ?? $other->support,
            $this->origin ?? $other->origin,
        );
    }

    /** What was stated here, without what the other says just so. */
    public function without(self $other): self
    {
        return new self(
            $this->fNumber == $other->fNumber ? null : $this->fNumber,
            $this->exposureTime == $other->exposureTime ? null : $this->exposureTime,
            $this->iso == $other->iso ? null : $this->iso,
            $this->mode == $other->mode ? null : $this->mode,
            $this->compensation == $other->compensation ? null : $this->compensation,
            $this->focalLength == $other->focalLength ? null : $this->focalLength,
            $this->focalLength35 == $other->focalLength35 ? null : $this->focalLength35,
            $this->support == $other->support ? null : $this->support,
            $this->origin == $other->origin ? null : $this->origin,
        );
    }

    public function supportedBy(Support $support): self
    {
        return new self(
            $this->fNumber,
            $this->exposureTime,
            $this->iso,
            $this->mode,
            $this->compensation,
            $this->focalLength,
            $this->focalLength35,
            $support,
            $this->origin,
        );
    }
}
