<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;

/** The exposure that is suggested. */
final readonly class SuggestedExposure
{
    /**
     * @param  ?float  $compensation  stops; null where the mode has none
     */
    public function __construct(
        public ExposureSettings $settings,
        public ExposureMode $mode,
        public ?float $compensation,
        public float $filterStops = 0.0,
    ) {
    }
}
