<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\PracticeCamera\GraduatedFilter;

/** The light that reaches the sensor. */
final readonly class RenderedExposure
{
    public function __construct(
        public ExposureSettings $settings,
        public float $filterStops,
        public ?GraduatedFilter $graduated,
        public ?float $flash,
        public string $flashFrom = 'camera',
    ) {
    }
}
