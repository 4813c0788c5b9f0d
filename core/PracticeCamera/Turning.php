<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

/** Something that turns about its axis at an even rate. */
final readonly class Turning
{
    public function __construct(public float $turnsPerSecond)
    {
    }

    /** Where it stands, as a share of a turn from 0 to 1. */
    public function phase(float $moment): float
    {
        return $this->turnsPerSecond * $moment - floor($this->turnsPerSecond * $moment);
    }

    /** Turns made during an exposure. */
    public function turns(float $seconds): float
    {
        return $this->turnsPerSecond * $seconds;
    }
}
