<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/** Aperture, exposure time and ISO together: what a frame was exposed with. */
final readonly class ExposureSettings
{
    public function __construct(public Aperture $aperture, public ExposureTime $time, public Iso $iso)
    {
    }

    /** The light that these settings render as mid-grey, from exact scale values. */
    public function ev100(): Ev100
    {
        return Ev100::of($this->aperture->apex() + $this->time->apex() - $this->iso->stopsAbove100());
    }

    /** How much brighter these settings render the same scene than others do. */
    public function stopsBrighterThan(self $other): Stops
    {
        return $other->ev100()->minus($this->ev100());
    }

    public function withAperture(Aperture $aperture): self
    {
        return new self($aperture, $this->time, $this->iso);
    }

    public function withTime(ExposureTime $time): self
    {
        return new self($this->aperture, $time, $this->iso);
    }

    public function withIso(Iso $iso): self
    {
        return new self($this->aperture, $this->time, $iso);
    }

    public function __toString(): string
    {
        return $this->aperture.', '.$this->time.', '.$this->iso;
    }
}
