<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\AutoIso;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Metering\MeteringPattern;

/** The exposure that a person sets; null values are left to the camera. */
final readonly class ShotExposure
{
    /**
     * @param  ?float  $heldEv100  light that was metered before and is held
     */
    public function __construct(
        public ExposureMode $mode,
        public ?Aperture $aperture,
        public ?ExposureTime $time,
        public ?Iso $iso,
        public Stops $compensation,
        public MeteringPattern $metering,
        public ?AutoIso $autoIso = null,
        public ?float $heldEv100 = null,
    ) {
    }
}
