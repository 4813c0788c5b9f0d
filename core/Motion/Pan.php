<?php

declare(strict_types=1);

namespace TruePupil\Core\Motion;

use TruePupil\Core\Optics\InvalidOptics;
use TruePupil\Core\Optics\SensorFormat;

/**
 * Following a subject: only what is left of its speed against the pan blurs it, while what stands still streaks across
 * the frame at f·v/s (angular speed v/s times focal length).
 */
final readonly class Pan
{
    /** From this share of the frame's width on, what stands still is seen to streak. */
    public const STREAK_SHARE = 0.01;

    /** How exactly people follow after some practice: 5 to 10 % of the subject's speed is left over. */
    public const TYPICAL_SLIP = 0.07;

    /** Stops by which shake counts less: the swing takes what goes along it, and only what goes across it blurs. */
    public const SHAKE_STOPS = 2.0;

    private function __construct(private float $backgroundSpeed, private float $width, public SubjectBlur $subject)
    {
    }

    /**
     * @param  float  $speed  m/s across the frame
     * @param  float  $focalLength  mm
     * @param  float  $distance  m
     * @param  float  $slip  share of the speed that the pan misses
     *
     * @throws InvalidOptics
     */
    public static function of(
        float $speed,
        float $focalLength,
        float $distance,
        SensorFormat $format,
        float $slip = self::TYPICAL_SLIP,
    ): self {
        InvalidOptics::unlessPositive('speed', $speed, 'm/s');

        return new self(
            ($focalLength * $speed) / $distance,
            $format->width,
            SubjectBlur::of($speed * $slip, 0.0, $focalLength, $distance, $format),
        );
    }

    /** Shortest time in seconds that streaks what stands still. */
    public function shortest(): float
    {
        return (self::STREAK_SHARE * $this->width) / $this->backgroundSpeed;
    }

    /** Longest time in seconds that keeps the subject acceptably sharp. */
    public function longest(): ?float
    {
        return $this->subject->acceptableLimit();
    }
}
