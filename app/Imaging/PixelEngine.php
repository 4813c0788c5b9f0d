<?php

declare(strict_types=1);

namespace App\Imaging;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Metering\LuminanceGrid;
use TruePupil\Core\Tone\PixelStatistics;

/** What is asked of pixels: upright, in sRGB, whatever the file was. */
interface PixelEngine
{
    /**
     * Writes an upright sRGB JPEG without any metadata, its longest side at most $side pixels.
     *
     * @throws \TruePupil\Core\Capture\UnreadablePicture
     */
    public function workingCopy(string $source, string $target, int $side): void;

    /**
     * Counts every full-resolution pixel of the picture, and of each region of it.
     *
     * @param  list<Region>  $regions
     * @return list<PixelStatistics> the whole picture first, then the regions in order
     *
     * @throws \TruePupil\Core\Capture\UnreadablePicture
     */
    public function statistics(string $source, array $regions = []): array;

    /** Mean linear luminance over square cells of a working copy. @throws \TruePupil\Core\Capture\UnreadablePicture */
    public function luminanceGrid(string $workingCopy, int $columns): LuminanceGrid;
}
