<?php

declare(strict_types=1);

namespace TruePupil\Core\Motion;

use TruePupil\Core\Exposure\InvalidExposure;

/**
 * The shutter of a camera that films, as an angle: of 360°, which last from one frame to the next, it is open for so
 * many. t = angle / (360° · rate).
 */
final readonly class FilmShutter
{
    public const FULL_ANGLE = 360.0;

    /** Half of the time between two frames: movement flows as people are used to. */
    public const USUAL_ANGLE = 180.0;

    /**
     * @param  float  $rate  frames a second
     *
     * @throws InvalidExposure
     */
    public function __construct(public float $rate)
    {
        InvalidExposure::unlessPositive('frames a second', $rate);
    }

    /**
     * @param  float  $angle  degrees
     * @return float seconds
     *
     * @throws InvalidExposure
     */
    public function timeAt(float $angle): float
    {
        InvalidExposure::unlessPositive('shutter angle', $angle);
        if ($angle > self::FULL_ANGLE) {
            throw new InvalidExposure('A shutter is open for 360° at most.');
        }

        return $angle / (self::FULL_ANGLE * $this->rate);
    }

    /**
     * The angle at which each frame gets a time; null where it is longer than from one frame to the next.
     *
     * @param  float  $time  s
     */
    public function angleFor(float $time): ?float
    {
        $angle = self::FULL_ANGLE * $this->rate * $time;

        return $angle > self::FULL_ANGLE * 1.02 ? null : min(self::FULL_ANGLE, $angle);
    }
}
