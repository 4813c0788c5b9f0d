<?php

declare(strict_types=1);

namespace TruePupil\Core\Bank;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\FocusMode;
use TruePupil\Core\Metering\MeteringPattern;

/**
 * A settings bank: a stored starting point for a kind of subject, on a body's custom slot. It is stored with the widest
 * aperture that any lens may give, since a lens that has less clamps it.
 */
final readonly class Bank
{
    /**
     * @param  ?float  $fNumber  null where the camera chooses
     * @param  ?float  $exposureTime  seconds; null where the camera chooses
     * @param  ?float  $iso  null for automatic ISO
     * @param  string  $whiteBalance  "automatic", or kelvin such as "5500 K"
     * @param  ?string  $detection  what the focus looks for; null for a point that the person sets
     * @param  ?float  $slowest  slowest time that automatic ISO allows, seconds
     * @param  bool  $isNight  used in the dark
     *
     * @throws InvalidExposure
     */
    public function __construct(
        public BankKind $kind,
        public string $name,
        public ExposureMode $mode,
        public ?float $fNumber = null,
        public ?float $exposureTime = null,
        public ?float $iso = null,
        public FocusMode $focus = FocusMode::Single,
        public string $drive = 'single',
        public string $whiteBalance = 'automatic',
        public MeteringPattern $metering = MeteringPattern::Scene,
        public float $compensation = 0.0,
        public ?bool $stabiliser = null,
        public ?string $detection = null,
        public bool $silent = false,
        public bool $flash = false,
        public ?float $slowest = null,
        public bool $isNight = false,
        public string $slot = '',
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
