<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

/**
 * Frames at an interval, shown as a film: as many as the event lasts, and a second of film for each rate of them. Half
 * of the interval as exposure time lets movement flow.
 */
final readonly class TimeLapse
{
    private function __construct(
        public int $frames,
        /** Seconds of film. */
        public float $length,
        /** Times as fast as it was. */
        public float $speed,
        /** Seconds of exposure at which movement flows. */
        public float $flowing,
    ) {
    }

    /**
     * @param  float  $event  s
     * @param  float  $interval  s
     * @param  float  $rate  frames a second
     */
    public static function of(float $event, float $interval, float $rate): self
    {
        $frames = (int) floor($event / $interval + 1e-9) + 1;

        return new self($frames, $frames / $rate, $interval * $rate, $interval / 2);
    }
}
