<?php

declare(strict_types=1);

namespace TruePupil\Core\Motion;

use TruePupil\Core\Optics\InvalidOptics;
use TruePupil\Core\Optics\SensorFormat;

/**
 * How far a moving subject's image travels on the sensor: v·cosα·t·m, with magnification m = f/(s−f).
 *
 * Critical is one circle of confusion, acceptable four. A person walking at 1.4 m/s across the frame at 5 m with 50 mm
 * on 36x24: 1/471 s and 1/118 s.
 */
final readonly class SubjectBlur
{
    private const ACCEPTABLE_CIRCLES = 4;

    private function __construct(
        /** Speed of the image, mm/s. */
        private float $imageSpeed,
        private float $circleOfConfusion,
    ) {
    }

    /**
     * @param  float  $speed  m/s; while panning, what is left of it against the pan
     * @param  float  $angle  degrees from straight across the frame
     * @param  float  $focalLength  mm
     * @param  float  $distance  m
     *
     * @throws InvalidOptics
     */
    public static function of(
        float $speed,
        float $angle,
        float $focalLength,
        float $distance,
        SensorFormat $format,
    ): self {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        InvalidOptics::unlessPositive('distance', $distance, 'm');
        if ($distance * 1000 <= $focalLength) {
            throw InvalidOptics::tooClose($distance, $focalLength);
        }
        $magnification = $focalLength / ($distance * 1000 - $focalLength);

        return new self(abs($speed * 1000 * cos(deg2rad($angle))) * $magnification, $format->circleOfConfusion());
    }

    /** Blur on the sensor in millimetres after an exposure in seconds. */
    public function after(float $seconds): float
    {
        return $this->imageSpeed * $seconds;
    }

    /**
     * Longest exposure in seconds that blurs by no more than one circle of confusion; null when nothing moves across.
     */
    public function criticalLimit(): ?float
    {
        return $this->imageSpeed < 1e-9 ? null : $this->circleOfConfusion / $this->imageSpeed;
    }

    /** Longest exposure in seconds that blurs by no more than four; null when nothing moves across. */
    public function acceptableLimit(): ?float
    {
        return $this->imageSpeed < 1e-9
            ? null
            : (self::ACCEPTABLE_CIRCLES * $this->circleOfConfusion) / $this->imageSpeed;
    }
}
