<?php

declare(strict_types=1);

namespace TruePupil\Core\Plan;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\ExposureMode;

/** The exposure that is planned. */
final readonly class PlannedExposure
{
    /**
     * @param  ?float  $compensation  stops
     * @param  ?float  $filterStops  light that a filter was to take
     */
    public function __construct(
        public ?Aperture $fNumber = null,
        public ?ExposureTime $exposureTime = null,
        public ?Iso $iso = null,
        public ?float $compensation = null,
        public ?ExposureMode $mode = null,
        public ?float $filterStops = null,
    ) {
    }
}
