<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Optics\Diffraction;

/** What bounds the aperture, as Av. */
final readonly class ApertureDemands
{
    public function __construct(
        public float $widest,
        public float $smallest,
        /** Deep enough from here on. */
        public ?float $depth,
        /** The background is soft enough up to here. */
        public ?float $separation,
        /** Diffraction shows in a print from here on. */
        public float $print,
        /** Diffraction shows in single pixels from here on. */
        public ?float $pixel,
        /** Where a photographer would begin. */
        public float $preferred = 6.0,
    ) {
    }
}
