<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

use TruePupil\Core\Exposure\Stops;

/** Between lens and body it lengthens by its factor, and the f-number grows as much: 2·log2 k stops. */
final readonly class Teleconverter
{
    private function __construct(
        /** mm. */
        public float $focalLength,
        public float $fNumber,
        public Stops $lightLost,
    ) {
    }

    /**
     * @param  float  $focalLength  mm
     *
     * @throws InvalidOptics
     */
    public static function of(float $factor, float $focalLength, float $fNumber): self
    {
        foreach (['factor' => $factor, 'focal length' => $focalLength, 'f-number' => $fNumber] as $name => $value) {
            InvalidOptics::unlessPositive($name, $value);
        }

        return new self($focalLength * $factor, $fNumber * $factor, Stops::of(2 * log($factor, 2)));
    }
}
