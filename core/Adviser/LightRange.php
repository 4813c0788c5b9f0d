<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** The darkest and the brightest part of a scene that matter, as EV at ISO 100. */
final readonly class LightRange
{
    /** From so many stops on, a face against the light wants another light, or to be exposed for alone. */
    private const WIDE = 2.5;

    public function __construct(public float $darkest, public float $brightest)
    {
    }

    public function isWide(): bool
    {
        return $this->brightest - $this->darkest >= self::WIDE;
    }
}
