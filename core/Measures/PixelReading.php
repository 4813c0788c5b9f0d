<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Focus\DetailMap;
use TruePupil\Core\Metering\LuminanceGrid;
use TruePupil\Core\Raster\ColourGrid;
use TruePupil\Core\Tone\EndAreas;
use TruePupil\Core\Tone\PixelStatistics;

/** What a pixel engine takes from one decode of a picture: upright, in sRGB. */
final readonly class PixelReading
{
    /** @param  list<PixelStatistics>  $statistics  the whole picture first, then the regions in the order asked for */
    public function __construct(
        public int $width,
        public int $height,
        public array $statistics,
        /** Fine enough that a spot of 2.5 % of the frame holds hundreds of cells. */
        public LuminanceGrid $luminance,
        public ColourGrid $colours,
        public DetailMap $detail,
        /** Only the preview embedded in a camera raw file was read. */
        public bool $isPreview = false,
        /** Null where no pixel is at an end of the scale. */
        public ?EndAreas $ends = null,
        public ?FaceReading $face = null,
    ) {
    }
}
