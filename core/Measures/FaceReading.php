<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Focus\DetailMap;
use TruePupil\Core\Raster\ColourGrid;

/** What a pixel engine takes from a square round a marked eye; the eye is in the middle of it. */
final readonly class FaceReading
{
    public function __construct(public DetailMap $detail, public ColourGrid $colours)
    {
    }
}
