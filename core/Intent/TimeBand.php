<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

/** The exposure times that a wish allows, in seconds; null is no limit on that side. */
final readonly class TimeBand
{
    public function __construct(public ?float $shortest = null, public ?float $longest = null)
    {
    }
}
