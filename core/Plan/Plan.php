<?php

declare(strict_types=1);

namespace TruePupil\Core\Plan;

use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;

/** What was meant before the picture was taken. Anything not planned is null. */
final readonly class Plan
{
    /**
     * @param  ?float  $focalLength  mm
     * @param  ?float  $compensation  stops
     * @param  ?float  $filterStops  light that a filter was to take
     * @param  ?Ev100  $light  light expected of the subject
     * @param  ?Ev100  $shadowReading  a spot reading of the darkest place that should keep detail
     */
    public function __construct(
        public ?Aperture $fNumber = null,
        public ?ExposureTime $exposureTime = null,
        public ?Iso $iso = null,
        public ?float $compensation = null,
        public ?ExposureMode $mode = null,
        public ?float $focalLength = null,
        public ?Support $support = null,
        public ?float $filterStops = null,
        public ?Ev100 $light = null,
        public ?Ev100 $shadowReading = null,
        public Intent $intent = new Intent(),
        /** Where and when. */
        public ?Outing $outing = null,
    ) {
    }

    /** A plan to take what was suggested. */
    public static function ofSuggestion(Suggestion $suggestion): self
    {
        return new self(
            fNumber: $suggestion->settings->aperture,
            exposureTime: $suggestion->settings->time,
            iso: $suggestion->settings->iso,
            compensation: $suggestion->compensation,
            mode: $suggestion->mode,
            focalLength: $suggestion->focalLength,
            support: $suggestion->support,
            filterStops: $suggestion->filterStops,
        );
    }

    /** Aperture, time and ISO together, when all three were planned. */
    public function settings(): ?ExposureSettings
    {
        return $this->fNumber !== null && $this->exposureTime !== null && $this->iso !== null
            ? new ExposureSettings($this->fNumber, $this->exposureTime, $this->iso)
            : null;
    }

    /** Whether any value was planned that a record can be held against. */
    public function plansSettings(): bool
    {
        return $this->fNumber !== null ||
            $this->exposureTime !== null ||
            $this->iso !== null ||
            $this->focalLength !== null ||
            $this->mode !== null;
    }
}
