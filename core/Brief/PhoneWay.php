<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

/** How a brief is done with a phone's own camera app, or, where it cannot be, why not and what to do instead. */
final readonly class PhoneWay
{
    public function __construct(public bool $works, public string $words)
    {
    }
}
