<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Optics\SensorFormat;

/** What lens and sensor see of a scene. */
final readonly class RenderedView
{
    /**
     * @param  Region  $framing  the part of the plate
     * @param  float  $focalLength  mm
     * @param  float  $focused  m
     */
    public function __construct(
        public Region $framing,
        public float $focalLength,
        public SensorFormat $format,
        public float $focused,
    ) {
    }
}
