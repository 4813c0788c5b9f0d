<?php

declare(strict_types=1);

namespace TruePupil\Core\Modes;

/** A limit that the exposure ran into. */
final readonly class LimitMet
{
    /** @param  string  $what  stable name, such as "slowest-automatic-time" or "iso-ceiling" */
    public function __construct(public string $what, public float $value, public string $message)
    {
    }
}
