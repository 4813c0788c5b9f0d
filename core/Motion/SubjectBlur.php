<?php

declare(strict_types=1);

namespace TruePupil\Core\Motion;

use TruePupil\Core\Optics\InvalidOptics;
use TruePupil\Core\Optics\SensorFormat;

/**
 * How far a moving subject's image travels on the sensor: v·cosα·t·m across it, with magnification m = f/(s−f), and
 * v·sinα·t/s of its distance from the middle, since what comes nearer grows.
 *
 * Critical is one circle of confusion, acceptable four. A person walking at 1.4 m/s across the frame at 5 m with 50 mm
 * on 36x24: 1/471 s and 1/118 s.
 */
final readonly class SubjectBlur
{
    private const ACCEPTABLE_CIRCLES = 4;

    /** Half of a person's height, m: how far from the axis a subject reaches where nothing else is known. */
    private const PERSON = 0.9;

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
     * @param  ?float  $offAxis  mm on the sensor from its middle to the farthest part of the subject; null: a person's
     *
     * @throws InvalidOptics
     */
    public static function of(
        float $speed,
        float $angle,
        float $focalLength,
        float $distance,
        SensorFormat $format,
        ?float $offAxis = null,
    ): self {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        InvalidOptics::unlessPositive('distance', $distance, 'm');
        if ($distance * 1000 <= $focalLength) {
            throw InvalidOptics::tooClose($distance, $focalLength);
        }
        $magnification = $focalLength / ($distance * 1000 - $focalLength);

        $across = abs($speed * 1000 * cos(deg2rad($angle))) * $magnification;
        $reach = $offAxis ?? self::PERSON * 1000 * $magnification;
        $growing = (abs($speed * sin(deg2rad($angle))) / $distance) * $reach;

        return new self(hypot($across, $growing), $format->circleOfConfusion());
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
