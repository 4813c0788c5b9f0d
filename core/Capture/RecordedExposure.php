<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Metering\MeteringPattern;

/** How a frame was exposed, and who chose it. */
final readonly class RecordedExposure
{
    /**
     * @param  ?bool  $isoAutomatic  the camera chose ISO
     * @param  ?float  $compensation  stops
     */
    public function __construct(
        public ?Aperture $fNumber = null,
        public ?ExposureTime $exposureTime = null,
        public ?Iso $iso = null,
        public ?bool $isoAutomatic = null,
        public ?float $compensation = null,
        public ExposureMode $mode = ExposureMode::Unknown,
        public MeteringPattern $metering = MeteringPattern::Unknown,
        public ?bool $flashFired = null,
    ) {
    }
}
