<?php

declare(strict_types=1);

namespace TruePupil\Core\Bank;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;

/**
 * A settings bank: a stored starting point for a kind of subject, on a body's custom slot. It is stored with the widest
 * aperture that any lens may give, since a lens that has less clamps it.
 */
final readonly class Bank
{
    /** @param  bool  $isNight  used in the dark */
    public function __construct(
        public BankKind $kind,
        public string $name,
        public BankExposure $exposure,
        public BankHandling $handling = new BankHandling(),
        public bool $isNight = false,
        public BankRange $range = new BankRange(),
        public BankBody $body = new BankBody(),
    ) {
    }

    public function aperture(): ?Aperture
    {
        return $this->exposure->fNumber === null ? null : Aperture::of($this->exposure->fNumber);
    }

    public function time(): ?ExposureTime
    {
        return $this->exposure->exposureTime === null ? null : ExposureTime::of($this->exposure->exposureTime);
    }

    public function isoValue(): ?Iso
    {
        return $this->exposure->iso === null ? null : Iso::of($this->exposure->iso);
    }

    /** The settings in one line, to write beside a shot. */
    public function inOneLine(): string
    {
        return implode(', ', array_filter([
            $this->exposure->mode->label(),
            $this->aperture() === null ? null : (string) $this->aperture(),
            $this->time() === null ? null : (string) $this->time(),
            $this->isoValue() === null ? 'automatic ISO' : (string) $this->isoValue(),
        ]));
    }
}
