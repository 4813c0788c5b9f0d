<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** Which aperture deep pictures start from. */
enum LandscapeAperture: string
{
    case Middle = 'middle';
    case Small = 'small';

    public function label(): string
    {
        return match ($this) {
            self::Middle => 'middle, ƒ/5.6 to ƒ/9',
            self::Small => 'small, ƒ/11 to ƒ/16, with the diffraction cost shown',
        };
    }

    /** Av of the aperture that it prefers: f/8, or f/11 and two thirds. */
    public function preferredAv(): float
    {
        return $this === self::Middle ? 6.0 : 7.0 + 1 / 3;
    }
}
