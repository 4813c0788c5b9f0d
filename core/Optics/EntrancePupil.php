<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

use TruePupil\Core\Exposure\Aperture;

/**
 * The hole that an f-number describes, seen from the front of the lens: diameter D = f/N, in millimetres.
 *
 * Example: a 35 mm lens at f/2.8 has a pupil of 12.5 mm.
 */
final readonly class EntrancePupil
{
    private function __construct(public float $millimetres)
    {
    }

    /** From bare numbers as written: focal length in mm. @throws InvalidOptics */
    public static function fromNumbers(float $focalLength, float $fNumber): self
    {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        InvalidOptics::unlessPositive('f-number', $fNumber);

        return new self($focalLength / $fNumber);
    }

    public static function of(float $focalLength, Aperture $aperture): self
    {
        return self::fromNumbers($focalLength, $aperture->exact);
    }
}
