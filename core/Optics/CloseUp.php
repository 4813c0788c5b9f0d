<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

use TruePupil\Core\Exposure\Stops;

/**
 * What focusing near costs: magnification m = f/(s−f), effective f-number N·(1+m) (thin lens with equal pupils).
 *
 * Example: at life size, m = 1, f/8 gives the light of f/16: two stops less.
 */
final readonly class CloseUp
{
    private function __construct(
        public float $magnification,
        public float $effectiveFNumber,
        public Stops $lightLost,
    ) {
    }

    /** Focal length in mm, subject distance in m from the lens. @throws InvalidOptics */
    public static function of(float $focalLength, float $fNumber, float $distance): self
    {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        InvalidOptics::unlessPositive('f-number', $fNumber);
        InvalidOptics::unlessPositive('distance', $distance, 'm');
        if ($distance * 1000 <= $focalLength) {
            throw InvalidOptics::tooClose($distance, $focalLength);
        }
        $magnification = $focalLength / ($distance * 1000 - $focalLength);

        return new self($magnification, $fNumber * (1 + $magnification), Stops::ofRatio((1 + $magnification) ** 2));
    }

    /**
     * How many times the effective f-number is the marked one: 1 + m. Focal length in mm; a distance in m that is not
     * known counts as far.
     *
     * @throws InvalidOptics
     */
    public static function factor(float $focalLength, ?float $distance): float
    {
        return $distance === null || $distance * 1000 <= $focalLength
            ? 1.0
            : self::of($focalLength, 1.0, $distance)->effectiveFNumber;
    }
}
