<?php

declare(strict_types=1);

namespace TruePupil\Core\Modes;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\AutoIso;

/** What a person set; null is left to the camera. */
final readonly class SetValues
{
    /**
     * @param  ?Iso  $iso  null: automatic
     * @param  float  $compensation  stops
     */
    public function __construct(
        public ?Aperture $aperture = null,
        public ?ExposureTime $time = null,
        public ?Iso $iso = null,
        public ?AutoIso $autoIso = null,
        public float $compensation = 0.0,
    ) {
    }
}
