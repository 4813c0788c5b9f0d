<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

/** A picture file as found: its record and its shape. Width and height as displayed, after orientation. */
final readonly class PictureRecord
{
    public function __construct(
        public CaptureRecord $capture,
        public int $width,
        public int $height,
        /** File format as an upper-case name: JPEG, PNG … */
        public string $format,
        /** EXIF orientation, 1–8. */
        public int $orientation,
        public ?string $colourSpace,
    ) {
    }
}
