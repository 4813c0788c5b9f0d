<?php

declare(strict_types=1);

namespace App\Imaging;

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
     * Everything that is ever asked of the pixels, from one decode, into a file; on the way, the working copy where a
     * target is given.
     *
     * @param  string  $reading  where it is written, for ReadingFile
     * @param  ?Meanwhile  $meanwhile  told of each part that is there before the rest
     *
     * @throws \TruePupil\Core\Capture\UnreadablePicture
     */
    public function read(
        string $source,
        string $reading,
        ?string $workingCopy = null,
        ?int $side = null,
        ?Meanwhile $meanwhile = null,
    ): void;
}
