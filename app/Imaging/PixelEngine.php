<?php

declare(strict_types=1);

namespace App\Imaging;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Measures\PixelReading;
use TruePupil\Core\Measures\PixelSight;

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
     * A first look, from one decode; on the way, the working copy where a target is given.
     *
     * @throws \TruePupil\Core\Capture\UnreadablePicture
     */
    public function sight(string $source, ?string $target, int $side): PixelSight;

    /**
     * Everything that measuring needs, from one decode: counts of every full-resolution pixel of the picture and of
     * each region of it, and the small maps.
     *
     * @param  list<Region>  $regions
     * @param  ?array{float, float}  $eye  across and down, as fractions: a place where focus is looked at closely
     *
     * @throws \TruePupil\Core\Capture\UnreadablePicture
     */
    public function read(string $source, array $regions = [], ?array $eye = null): PixelReading;
}
