<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

/** The lens of a frame, and its view. */
final readonly class RecordedLens
{
    /**
     * @param  ?float  $focalLength  mm, as marked on the lens
     * @param  ?float  $focalLength35  mm, giving the same view on 36x24 mm
     * @param  ?float  $widestFNumber  the lens's widest f-number at this focal length
     * @param  ?LensRange  $range  what the lens is made for
     */
    public function __construct(
        public ?string $name = null,
        public ?float $focalLength = null,
        public ?float $focalLength35 = null,
        public ?float $widestFNumber = null,
        public ?LensRange $range = null,
    ) {
    }
}
