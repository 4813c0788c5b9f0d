<?php

declare(strict_types=1);

namespace App\Imaging;

use TruePupil\Core\Capture\UnreadablePicture;

/**
 * What a file must be before anything decodes it: a picture, whole, and not larger than can be held in memory. A small
 * file can claim billions of pixels, so the claim is read from the header first.
 */
final readonly class PictureGate
{
    /**
     * A JPEG's end mark may be followed by previews that some cameras append; it is looked for this far from the end.
     */
    private const TAIL_BYTES = 8 * 1024 * 1024;

    /**
     * What a camera, a telephone or a program of a darkroom writes. Drawings, documents and scripts that a library
     * would also take for pictures are not among them: they can name other files, or are read by code that few look at.
     */
    private const TAKEN = '~^(image/(jpeg|png|tiff|webp|hei[cf](-sequence)?|avif|jxl|jp2|gif|bmp|x-ms-bmp|'.
        'x-[a-z0-9]+-[a-z0-9]+|x-dcraw|x-x3f)|application/octet-stream)$~';

    /** How files begin that are scripts of a picture library, whatever else is made out of them. */
    private const SCRIPTS = ['push gra', 'viewbox ', 'AT&TFORM', '<?xml ve', '<svg xml'];

    private const JPEG_END = "\xFF\xD9";

    public function __construct(private int $megapixels)
    {
    }

    /** @throws UnreadablePicture */
    public function admit(string $path): void
    {
        if (! is_file($path) || ! is_readable($path)) {
            throw UnreadablePicture::broken('there is no such file');
        }
        if (filesize($path) === 0) {
            throw UnreadablePicture::empty();
        }
        $kind = $this->mime($path);
        // Camera raw files look like TIFF or like nothing known; what is plainly something else stops here.
        if (preg_match(self::TAKEN, $kind) !== 1 || in_array($this->beginning($path), self::SCRIPTS, true)) {
            throw UnreadablePicture::notAPicture($kind);
        }
        $size = @getimagesize($path);
        if ($size !== false && $this->megapixels * 1_000_000 < $size[0] * $size[1]) {
            throw UnreadablePicture::tooLarge($size[0], $size[1], $this->megapixels);
        }
        if ($kind === 'image/jpeg') {
            if ($size === false) {
                throw UnreadablePicture::truncated();
            }
            $this->mustEnd($path);
        }
    }

    public function mime(string $path): string
    {
        return mime_content_type($path) ?: 'application/octet-stream';
    }

    private function beginning(string $path): string
    {
        return (string) file_get_contents($path, length: 8);
    }

    /** @throws UnreadablePicture */
    private function mustEnd(string $path): void
    {
        $file = fopen($path, 'rb') ?: throw UnreadablePicture::truncated();
        $bytes = (int) filesize($path);
        fseek($file, max(0, $bytes - self::TAIL_BYTES));
        $tail = (string) stream_get_contents($file);
        fclose($file);
        if (! str_contains($tail, self::JPEG_END)) {
            throw UnreadablePicture::truncated();
        }
    }
}
