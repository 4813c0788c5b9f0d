<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use DateTimeImmutable;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\DriveMode;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\FocusMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Optics\SensorFormat;

/** The settings of one frame, each with where it comes from. Null is "not known"; nothing is guessed. */
final readonly class CaptureRecord
{
    /**
     * @param  ?float  $compensation  stops
     * @param  ?float  $focalLength  mm, as marked on the lens
     * @param  ?float  $focalLength35  mm, giving the same view on 36x24 mm
     * @param  ?float  $focusDistance  m
     * @param  ?float  $widestFNumber  the lens's widest f-number at this focal length
     * @param  ?bool  $isoAutomatic  the camera chose ISO
     * @param  ?bool  $stabiliser  switched on
     * @param  ?bool  $silent  the electronic shutter was in use
     * @param  array<string, Provenance>  $provenance  by property name
     */
    public function __construct(
        public ?string $make = null,
        public ?string $model = null,
        public ?string $lens = null,
        public ?Aperture $fNumber = null,
        public ?ExposureTime $exposureTime = null,
        public ?Iso $iso = null,
        public ?float $compensation = null,
        public ExposureMode $mode = ExposureMode::Unknown,
        public MeteringPattern $metering = MeteringPattern::Unknown,
        public ?bool $flashFired = null,
        public ?float $focalLength = null,
        public ?float $focalLength35 = null,
        public ?string $whiteBalance = null,
        public ?float $focusDistance = null,
        public ?DateTimeImmutable $takenAt = null,
        public ?Support $support = null,
        public ?float $widestFNumber = null,
        public ?bool $isoAutomatic = null,
        public ?bool $stabiliser = null,
        public ?bool $silent = null,
        public ?FocusMode $focusMode = null,
        public ?DriveMode $drive = null,
        public array $provenance = [],
    ) {
    }

    /** Aperture, time and ISO together, when all three are known. */
    public function settings(): ?ExposureSettings
    {
        return $this->fNumber !== null && $this->exposureTime !== null && $this->iso !== null
            ? new ExposureSettings($this->fNumber, $this->exposureTime, $this->iso)
            : null;
    }

    /** The format, when both focal lengths are known. */
    public function format(): ?SensorFormat
    {
        return $this->focalLength !== null && $this->focalLength35 !== null
            ? SensorFormat::fromEquivalent($this->focalLength, $this->focalLength35)
            : null;
    }

    /**
     * The same frame taken otherwise; nothing else of it changes.
     *
     * @param  array<string, mixed>  $changes  by property
     */
    public function with(array $changes): self
    {
        /** @var array{make: ?string} $parts */
        $parts = array_replace(get_object_vars($this), $changes);

        return new self(...$parts);
    }

    public function sourceOf(string $field): ?Provenance
    {
        return $this->provenance[$field] ?? null;
    }
}
