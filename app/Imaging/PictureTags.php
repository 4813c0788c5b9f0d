<?php

declare(strict_types=1);

namespace App\Imaging;

/** Reads the metadata tags of a picture file, by name: numbers where EXIF has numbers, words where makers differ in their codes. */
interface PictureTags
{
    /**
     * @return array<string, mixed> EXIF names; File:… facts under FileType, ImageWidth, ImageHeight, Orientation
     *
     * @throws \TruePupil\Core\Capture\UnreadablePicture
     */
    public function read(string $path): array;
}
