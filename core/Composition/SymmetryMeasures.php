<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/** How far one half of a picture mirrors the other. */
final readonly class SymmetryMeasures
{
    /**
     * @param  float  $score  about the middle, −1 to 1
     */
    public function __construct(public float $score, public float $axis, public float $best)
    {
    }
}
