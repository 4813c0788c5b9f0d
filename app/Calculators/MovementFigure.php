<?php

declare(strict_types=1);

namespace App\Calculators;

use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Intent\TimeBand;
use TruePupil\Core\Kit\Reach;
use TruePupil\Core\Motion\SubjectBlur;

/** What a movement leaves at each exposure time, to be drawn. */
final readonly class MovementFigure
{
    /** @param  float  $circle  of confusion, mm */
    public function __construct(
        public SubjectBlur $blur,
        public float $circle,
        public ?Reach $reach = null,
        public ?TimeBand $wanted = null,
        public ?ExposureTime $used = null,
    ) {
    }
}
