<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

/** Something that crosses the scene level and at an even speed, out of the shade into the sun. */
final readonly class Crossing
{
    /**
     * @param  float  $speed  m/s, to the right
     * @param  float  $distance  m, of its lane
     * @param  float  $start  m from the plate's middle at moment 0, negative to the left
     * @param  float  $sunFrom  m from the plate's middle: right of it the sun shines on the lane
     */
    public function __construct(
        public float $speed,
        public float $distance,
        public float $start,
        public float $sunFrom,
    ) {
    }

    /** Metres from the plate's middle at a moment in seconds. */
    public function at(float $moment): float
    {
        return $this->start + $this->speed * $moment;
    }

    /**
     * Plate widths that it moves across the frame in an exposure, less what a pan follows.
     *
     * @param  float  $followed  share of its speed, 0 for a camera that stands still
     */
    public function streak(Viewpoint $view, float $seconds, float $followed): float
    {
        return $this->speed * (1 - $followed) * $seconds * $view->widthsPerMetre($this->distance);
    }

    /** Plate widths that what stands still moves the other way while the camera follows. */
    public function backgroundStreak(Viewpoint $view, float $seconds, float $followed): float
    {
        return -$this->speed * $followed * $seconds * $view->widthsPerMetre($this->distance);
    }
}
