<?php

declare(strict_types=1);

namespace TruePupil\Core\Plan;

use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\Support;

/** What was meant before the picture was taken. Anything not planned is null. */
final readonly class Plan
{
    /**
     * @param  ?float  $focalLength  mm
     */
    public function __construct(
        public PlannedExposure $exposure = new PlannedExposure(),
        public ?float $focalLength = null,
        public ?Support $support = null,
        public LightReadings $readings = new LightReadings(),
        public Intent $intent = new Intent(),
        /** Where and when. */
        public ?Outing $outing = null,
    ) {
    }

    /** A plan to take what was suggested. */
    public static function ofSuggestion(Suggestion $suggestion): self
    {
        return new self(
            exposure: new PlannedExposure(
                fNumber: $suggestion->exposure->settings->aperture,
                exposureTime: $suggestion->exposure->settings->time,
                iso: $suggestion->exposure->settings->iso,
                compensation: $suggestion->exposure->compensation,
                mode: $suggestion->exposure->mode,
                filterStops: $suggestion->exposure->filterStops,
            ),
            focalLength: $suggestion->lens->focalLength,
            support: $suggestion->support,
        );
    }

    /** Aperture, time and ISO together, when all three were planned. */
    public function settings(): ?ExposureSettings
    {
        return $this->exposure->fNumber !== null &&
            $this->exposure->exposureTime !== null &&
            $this->exposure->iso !== null
            ? new ExposureSettings($this->exposure->fNumber, $this->exposure->exposureTime, $this->exposure->iso)
            : null;
    }

    /** Whether any value was planned that a record can be held against. */
    public function plansSettings(): bool
    {
        return $this->exposure->fNumber !== null ||
            $this->exposure->exposureTime !== null ||
            $this->exposure->iso !== null ||
            $this->focalLength !== null ||
            $this->exposure->mode !== null;
    }
}
