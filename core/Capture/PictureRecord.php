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

    /** Whether it holds what the sensor saw, and only a preview of it can be looked at. */
    public function isRaw(): bool
    {
        return ! in_array($this->format, ['JPEG', 'HEIC', 'HEIF', 'AVIF', 'PNG', 'WEBP', 'TIFF', 'unknown'], true);
    }

    /**
     * What the tags of a file tell, as the metadata reader names them.
     *
     * @param  array<string, mixed>  $tags
     */
    public static function fromTags(array $tags): self
    {
        $orientation = is_numeric($tags['Orientation'] ?? null) ? (int) $tags['Orientation'] : 1;
        $orientation = $orientation >= 1 && $orientation <= 8 ? $orientation : 1;
        $number = fn (string $tag): int => is_numeric($tags[$tag] ?? null) ? (int) $tags[$tag] : 0;
        // Orientations 5 to 8 lie on their side.
        [$width, $height] =
            $orientation >= 5
                ? [$number('ImageHeight'), $number('ImageWidth')]
                : [$number('ImageWidth'), $number('ImageHeight')];

        return new self(
            capture: (new RecordNormaliser())->normalise($tags),
            width: $width,
            height: $height,
            format: is_string($tags['FileType'] ?? null) ? $tags['FileType'] : 'unknown',
            orientation: $orientation,
            colourSpace: self::colourSpaceOf($tags),
        );
    }

    /** @param  array<string, mixed>  $tags */
    private static function colourSpaceOf(array $tags): ?string
    {
        $profile = $tags['ProfileDescription'] ?? null;

        return match (true) {
            is_string($profile) && $profile !== '' => mb_substr(mb_scrub($profile), 0, 80),
            ($tags['ColorSpace'] ?? null) === 1 => 'sRGB',
            ($tags['ColorSpace'] ?? null) === 65535 => 'uncalibrated',
            default => null,
        };
    }
}
