<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

/** The way of a small bright thing across the plate during an exposure, walked evenly, and how much of it there is. */
final readonly class Trail
{
    /** @param  non-empty-list<array{float, float}>  $points  fractions of the plate, evenly spaced in time */
    public function __construct(public array $points, public float $amount)
    {
    }
}
