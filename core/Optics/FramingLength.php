<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

/**
 * The focal length that fills a side of the frame with something: m = side/size, f = s·m/(1 + m), s being its distance.
 * Example: 1.8 m high at 4.8 m on 36×24 held upright (side 36 mm): 94 mm.
 */
final readonly class FramingLength
{
    private function __construct(
        /** mm. */
        public float $focalLength,
        public float $magnification,
    ) {
    }

    /**
     * @param  float  $size  m
     * @param  float  $distance  m
     * @param  float  $side  of the sensor, mm
     *
     * @throws InvalidOptics
     */
    public static function of(float $size, float $distance, float $side): self
    {
        foreach (['size' => $size, 'distance' => $distance, 'side of the frame' => $side] as $name => $value) {
            InvalidOptics::unlessPositive($name, $value);
        }
        $magnification = $side / ($size * 1000);

        return new self($distance * 1000 * $magnification / (1 + $magnification), $magnification);
    }
}
