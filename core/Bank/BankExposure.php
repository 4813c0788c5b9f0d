<?php

declare(strict_types=1);

namespace TruePupil\Core\Bank;

use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Metering\MeteringPattern;

/** The exposure that a bank starts from. */
final readonly class BankExposure
{
    /**
     * @param  ?float  $fNumber  null where the camera chooses
     * @param  ?float  $exposureTime  seconds; null where the camera chooses
     * @param  ?float  $iso  null for automatic ISO
     * @param  ?float  $slowest  slowest time that automatic ISO allows, seconds
     *
     * @throws InvalidExposure
     */
    public function __construct(
        public ExposureMode $mode,
        public ?float $fNumber = null,
        public ?float $exposureTime = null,
        public ?float $iso = null,
        public ?float $slowest = null,
        public float $compensation = 0.0,
        public MeteringPattern $metering = MeteringPattern::Scene,
        public bool $flash = false,
    ) {
        $values = [
            'f-number' => $fNumber,
            'exposure time' => $exposureTime,
            'ISO' => $iso,
            'slowest time' => $slowest,
        ];
        foreach ($values as $what => $value) {
            InvalidExposure::unlessPositive($what, $value ?? 1.0);
        }
    }
}
