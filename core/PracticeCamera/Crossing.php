<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

/**
 * Something that crosses the scene level and at an even speed, out of the shade into the sun, or nearer and nearer. The
 * camera looks level at what comes nearer: then its picture grows about the middle of the plate.
 */
final readonly class Crossing
{
    /**
     * @param  float  $speed  m/s, to the right
     * @param  float  $distance  m, of its lane; where it comes nearer, the distance at which its picture was made
     * @param  float  $start  m from the plate's middle at moment 0, negative to the left
     * @param  ?float  $sunFrom  m from the plate's middle: right of it the sun shines on the lane; null for everywhere
     * @param  float  $seconds  until it has crossed
     * @param  ?float  $from  m, its distance at moment 0; null where it keeps its distance
     * @param  float  $nearing  m/s towards the camera
     * @param  bool  $castsShadow  into its own picture
     */
    public function __construct(
        public float $speed,
        public float $distance,
        public float $start,
        public ?float $sunFrom,
        public float $seconds,
        public ?float $from = null,
        public float $nearing = 0.0,
        public bool $castsShadow = true,
    ) {
    }

    /** Metres from the plate's middle at a moment in seconds. */
    public function at(float $moment): float
    {
        return $this->start + $this->speed * $moment;
    }

    /** Metres from the camera at a moment in seconds. It never comes nearer than a tenth of where it was pictured. */
    public function distanceAt(float $moment): float
    {
        return max($this->distance / 10, ($this->from ?? $this->distance) - $this->nearing * $moment);
    }

    /** How many times as large as in its picture it is seen at a moment in seconds. */
    public function growth(float $moment): float
    {
        return $this->distance / $this->distanceAt($moment);
    }

    /**
     * Where a place of its picture lies on the plate at a moment in seconds; both in fractions of the plate.
     *
     * @param  array{x: float, y: float}  $place
     * @return array{x: float, y: float}
     */
    public function place(Viewpoint $view, float $moment, array $place): array
    {
        $growth = $this->growth($moment);

        return [
            'x' => 0.5 + ($place['x'] - 0.5) * $growth + $this->at($moment) * $view->widthsPerMetre(
                $this->distanceAt($moment),
            ),
            'y' => 0.5 + ($place['y'] - 0.5) * $growth,
        ];
    }

    /**
     * Plate widths that it moves across the frame in an exposure about a moment, less what a pan follows. x = X/d, so
     * its picture moves by (v + X·n/d)/d where it also comes nearer by n; that it grows meanwhile is left out.
     *
     * @param  float  $followed  share of its speed, 0 for a camera that stands still
     */
    public function streak(Viewpoint $view, float $seconds, float $followed, float $moment): float
    {
        return $this->across($view, $moment) * (1 - $followed) * $seconds;
    }

    /** Plate widths that what stands still moves the other way while the camera follows. */
    public function backgroundStreak(Viewpoint $view, float $seconds, float $followed, float $moment): float
    {
        return -$this->across($view, $moment) * $followed * $seconds;
    }

    /** Plate widths that its picture moves in a second, to the right. */
    public function across(Viewpoint $view, float $moment): float
    {
        $distance = $this->distanceAt($moment);

        return ($this->speed + ($this->at($moment) * $this->nearing) / $distance) * $view->widthsPerMetre($distance);
    }
}
