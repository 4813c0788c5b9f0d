<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

use TruePupil\Core\Exposure\InvalidExposure;

/** What a body's exposure can be set to. Times in seconds. */
final readonly class BodyLimits
{
    public function __construct(
        public float $fastest = 1 / 8000,
        public float $slowest = 30.0,
        public float $isoMin = 100.0,
        public float $isoMax = 25600.0,
        public ?float $flashSync = null,
    ) {
        foreach (['fastest time' => $fastest, 'slowest time' => $slowest, 'lowest ISO' => $isoMin, 'highest ISO' => $isoMax] as $name => $value) {
            InvalidExposure::unlessPositive($name, $value);
        }
        if ($fastest > $slowest || $isoMin > $isoMax) {
            throw InvalidExposure::reversed('the body\'s limits');
        }
    }
}
