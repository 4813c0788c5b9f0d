<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use RuntimeException;

/** A file that cannot be taken as a picture. The message is for the person who handed it in. */
final class UnreadablePicture extends RuntimeException
{
    public static function empty(): self
    {
        return new self('The file is empty: not a single byte arrived. Copy it from the card again.');
    }

    public static function truncated(): self
    {
        return new self('The picture breaks off before its end. Copy it from the card again; the copy is incomplete.');
    }

    public static function notAPicture(string $kind): self
    {
        return new self(
            sprintf(
                'This is not a picture that can be read here (it looks like %s). Hand in a JPEG, HEIC, TIFF, PNG or '.
                    'WebP, or the raw file of a camera.',
                $kind,
            ),
        );
    }

    public static function tooLarge(int $width, int $height, int $megapixels): self
    {
        return new self(
            sprintf(
                'The picture claims %d × %d pixels; the most taken is %d megapixels. Hand in a smaller export.',
                $width,
                $height,
                $megapixels,
            ),
        );
    }

    public static function broken(string $why): self
    {
        return new self(sprintf('The picture cannot be decoded: %s.', rtrim($why, '. ')));
    }
}
