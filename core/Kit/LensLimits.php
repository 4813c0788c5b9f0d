<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

use TruePupil\Core\Exposure\InvalidExposure;

/** How far a lens opens and closes at the focal length in use (f-numbers). */
final readonly class LensLimits
{
    public function __construct(public float $widest, public float $smallest, public ?float $focalLength = null)
    {
        foreach (['widest f-number' => $widest, 'smallest aperture' => $smallest] as $name => $value) {
            InvalidExposure::unlessPositive($name, $value);
        }
        if ($widest > $smallest) {
            throw InvalidExposure::reversed('the lens\'s apertures');
        }
    }
}
