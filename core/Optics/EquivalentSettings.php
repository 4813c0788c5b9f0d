<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

/**
 * The settings of another format that give the same picture: view, depth and, at the same time, the same light in all.
 * Focal length and f-number go with the ratio of the diagonals, ISO with its square.
 */
final readonly class EquivalentSettings
{
    private function __construct(
        /** mm. */
        public float $focalLength,
        public float $fNumber,
        public float $iso,
    ) {
    }

    /**
     * @param  float  $focalLength  mm
     *
     * @throws InvalidOptics
     */
    public static function on(
        SensorFormat $to,
        SensorFormat $from,
        float $focalLength,
        float $fNumber,
        float $iso,
    ): self {
        foreach (['focal length' => $focalLength, 'f-number' => $fNumber, 'ISO' => $iso] as $name => $value) {
            InvalidOptics::unlessPositive($name, $value);
        }
        $ratio = $from->crop() / $to->crop();

        return new self($focalLength * $ratio, $fNumber * $ratio, $iso * $ratio ** 2);
    }
}
