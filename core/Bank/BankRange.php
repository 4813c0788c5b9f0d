<?php

declare(strict_types=1);

namespace TruePupil\Core\Bank;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Exposure\Iso;

/** How far one goes from the start of a bank as light and subject ask for it; null where it stays. */
final readonly class BankRange
{
    /**
     * @param  ?float  $fNumber  to which the aperture is moved
     * @param  ?float  $exposureTime  seconds, to which the time is moved
     * @param  ?float  $iso  that is gone up to
     *
     * @throws InvalidExposure
     */
    public function __construct(
        public ?float $fNumber = null,
        public ?float $exposureTime = null,
        public ?float $iso = null,
    ) {
        foreach (['f-number' => $fNumber, 'exposure time' => $exposureTime, 'ISO' => $iso] as $what => $value) {
            InvalidExposure::unlessPositive($what, $value ?? 1.0);
        }
    }

    public function aperture(): ?Aperture
    {
        return $this->fNumber === null ? null : Aperture::of($this->fNumber);
    }

    public function time(): ?ExposureTime
    {
        return $this->exposureTime === null ? null : ExposureTime::of($this->exposureTime);
    }

    public function isoValue(): ?Iso
    {
        return $this->iso === null ? null : Iso::of($this->iso);
    }
}
