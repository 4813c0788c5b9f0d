<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\PracticeCamera\GraduatedFilter;

/** What a person does to the light and its colour. */
final readonly class ShotLight
{
    /**
     * @param  ?string  $condition  the scene's light; null for its usual one
     * @param  float  $filterStops  of a neutral-density filter
     * @param  ?float  $flash  guide number in use, m at ISO 100; null for none
     * @param  ?float  $kelvin  white balance; null for automatic
     * @param  string  $flashFrom  where the flash stands: "camera", or "right" of it
     */
    public function __construct(
        public ?string $condition = null,
        public float $filterStops = 0.0,
        public ?GraduatedFilter $graduated = null,
        public ?float $flash = null,
        public ?float $kelvin = null,
        public string $flashFrom = 'camera',
    ) {
    }
}
