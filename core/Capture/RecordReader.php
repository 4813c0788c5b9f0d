<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

/** Reads the capture record out of a picture file. */
interface RecordReader
{
    /** @throws UnreadablePicture when the file is not a picture that can be read */
    public function read(string $path): PictureRecord;
}
