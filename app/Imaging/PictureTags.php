<?php

declare(strict_types=1);

namespace App\Imaging;

use Closure;

/**
 * Reads the metadata tags of a picture file, by name: numbers where EXIF has numbers, words where makers differ in
 * their codes.
 */
interface PictureTags
{
    /** Present where the file says where it was taken; the place itself is not among the tags. */
    public const HAS_PLACE = 'HasPlace';

    /** Stands among the tags of a file that says whose camera it was: its owner, its author or a serial number. */
    public const HAS_OWNER = 'HasOwner';

    /**
     * @return array<string, mixed> EXIF names; File:… facts under FileType, ImageWidth, ImageHeight, Orientation
     *
     * @throws \TruePupil\Core\Capture\UnreadablePicture
     */
    public function read(string $path): array;

    /**
     * Starts reading and goes on; what is given back waits for the tags, and throws what read() throws.
     *
     * @return Closure(): array<string, mixed>
     */
    public function begin(string $path): Closure;
}
