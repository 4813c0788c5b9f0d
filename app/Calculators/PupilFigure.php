<?php

declare(strict_types=1);

namespace App\Calculators;

use TruePupil\Core\Exposure\Aperture;

/** The hole that an aperture is, to be drawn inside the widest one of the lens. */
final readonly class PupilFigure
{
    /** @param  float  $focalLength  mm */
    public function __construct(public float $focalLength, public Aperture $aperture, public ?float $widest = null)
    {
    }
}
