<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use DateTimeImmutable;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Optics\SensorFormat;

/** The settings of one frame, each with where it comes from. Null is "not known"; nothing is guessed. */
final readonly class CaptureRecord
{
    /**
     * @param  array<string, Provenance>  $provenance  by property name
     */
    public function __construct(
        public RecordedCamera $camera = new RecordedCamera(),
        public RecordedLens $lens = new RecordedLens(),
        public RecordedExposure $exposure = new RecordedExposure(),
        public RecordedHandling $handling = new RecordedHandling(),
        public ?DateTimeImmutable $takenAt = null,
        public ?Support $support = null,
        public array $provenance = [],
        public ?PictureOrigin $origin = null,
    ) {
    }

    /** Aperture, time and ISO together, when all three are known. */
    public function settings(): ?ExposureSettings
    {
        return $this->exposure->fNumber !== null &&
            $this->exposure->exposureTime !== null &&
            $this->exposure->iso !== null
            ? new ExposureSettings($this->exposure->fNumber, $this->exposure->exposureTime, $this->exposure->iso)
            : null;
    }

    /** The format, when both focal lengths are known. */
    public function format(): ?SensorFormat
    {
        return $this->lens->focalLength !== null && $this->lens->focalLength35 !== null
            ? SensorFormat::fromEquivalent($this->lens->focalLength, $this->lens->focalLength35)
            : null;
    }

    public function sourceOf(string $field): ?Provenance
    {
        return $this->provenance[$field] ?? null;
    }
}
