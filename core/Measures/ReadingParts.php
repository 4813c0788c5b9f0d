<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Focus\DetailMap;
use TruePupil\Core\Metering\LuminanceGrid;
use TruePupil\Core\Raster\ColourGrid;
use TruePupil\Core\Tone\EndAreas;
use TruePupil\Core\Tone\PixelStatistics;

/** Parts of a reading that not everything asks for; each is unpacked when it is. */
interface ReadingParts
{
    /** Of full-resolution pixels: all of them, or of a large picture so many rows that more would add nothing. */
    public function statistics(): PixelStatistics;

    /** Fine enough that a spot of 2.5 % of the frame holds hundreds of cells. */
    public function luminance(): LuminanceGrid;

    public function colours(): ColourGrid;

    /** The same edges as the reading's own in smaller cells, for a look at an eye. */
    public function closeDetail(): DetailMap;

    /** Null where no pixel is at an end of the scale. */
    public function ends(): ?EndAreas;
}
