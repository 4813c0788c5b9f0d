<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

/** The exposure times that a wish allows, in seconds; null is no limit on that side. */
final readonly class TimeBand
{
    public function __construct(public ?float $shortest = null, public ?float $longest = null)
    {
    }

    /** Whether a time lies in it, give or take a click of the dial. */
    public function holds(float $seconds): bool
    {
        $click = 2 ** (1 / 3);

        return $seconds * $click >= ($this->shortest ?? 0.0) && $seconds / $click <= ($this->longest ?? INF);
    }
}
