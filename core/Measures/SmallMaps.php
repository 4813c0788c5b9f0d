<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Metering\LuminanceGrid;
use TruePupil\Core\Raster\ColourGrid;

/** A picture made small: its light and its colours. */
final readonly class SmallMaps
{
    /** @param  float  $aspect  width over height of the picture itself */
    public function __construct(public LuminanceGrid $luminance, public ColourGrid $colours, public float $aspect)
    {
    }
}
