<?php

declare(strict_types=1);

namespace App\Imaging;

use TruePupil\Core\Capture\PictureRecord;
use TruePupil\Core\Capture\RecordNormaliser;
use TruePupil\Core\Capture\RecordReader;

/** The capture record of a file, from its tags. */
final readonly class FileRecordReader implements RecordReader
{
    public function __construct(
        private PictureTags $tags,
        private RecordNormaliser $normaliser,
        private PictureGate $gate,
    ) {
    }

    public function read(string $path): PictureRecord
    {
        $this->gate->admit($path);

        return $this->fromTags($this->tags->read($path));
    }

    /** @param  array<string, mixed>  $tags */
    public function fromTags(array $tags): PictureRecord
    {
        $orientation = is_numeric($tags['Orientation'] ?? null) ? (int) $tags['Orientation'] : 1;
        $orientation = $orientation >= 1 && $orientation <= 8 ? $orientation : 1;
        $width = (int) ($tags['ImageWidth'] ?? 0);
        $height = (int) ($tags['ImageHeight'] ?? 0);
        // Orientations 5 to 8 lie on their side.
        [$width, $height] = $orientation >= 5 ? [$height, $width] : [$width, $height];

        return new PictureRecord(
            capture: $this->normaliser->normalise($tags),
            width: $width,
            height: $height,
            format: (string) ($tags['FileType'] ?? 'unknown'),
            orientation: $orientation,
            colourSpace: $this->colourSpace($tags),
        );
    }

    /** @param  array<string, mixed>  $tags */
    private function colourSpace(array $tags): ?string
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
