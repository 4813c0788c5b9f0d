<?php

declare(strict_types=1);

namespace App\Imaging;

use TruePupil\Core\Capture\PictureRecord;
use TruePupil\Core\Capture\RecordReader;

/** The capture record of a file, from its tags. */
final readonly class FileRecordReader implements RecordReader
{
    public function __construct(private PictureTags $tags, private PictureGate $gate)
    {
    }

    public function read(string $path): PictureRecord
    {
        $this->gate->admit($path);

        return PictureRecord::fromTags($this->tags->read($path));
    }
}
