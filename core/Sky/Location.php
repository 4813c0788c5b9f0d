<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

/** A place on Earth: latitude and longitude in degrees, north and east positive. */
final readonly class Location
{
    private function __construct(public float $latitude, public float $longitude)
    {
    }

    /** @throws InvalidSky when the latitude is beyond ±90° or the longitude beyond ±180° */
    public static function of(float $latitude, float $longitude): self
    {
        if (! is_finite($latitude) || abs($latitude) > 90.0) {
            throw InvalidSky::latitude($latitude);
        }
        if (! is_finite($longitude) || abs($longitude) > 180.0) {
            throw InvalidSky::longitude($longitude);
        }

        return new self($latitude, $longitude);
    }
}
