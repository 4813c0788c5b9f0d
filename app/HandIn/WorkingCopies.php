<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\PixelEngine;
use App\Models\Picture;
use Illuminate\Support\Facades\File;
use TruePupil\Core\Capture\UnreadablePicture;

/** The upright sRGB copies without metadata that are shown: made once, and again where they are gone, as after a move. */
final readonly class WorkingCopies
{
    public function __construct(private PictureStore $store, private PixelEngine $pixels)
    {
    }

    /** @throws UnreadablePicture when the original is gone or cannot be decoded */
    public function path(Picture $picture): string
    {
        $copy = $this->store->workingCopy($picture);
        if (! is_file($copy)) {
            $partial = $copy.'.'.bin2hex(random_bytes(6)).'.jpg';
            try {
                $this->pixels->workingCopy($this->store->original($picture), $partial, (int) config('pupil.working_side'));
                rename($partial, $copy);
            } finally {
                File::delete($partial);
            }
        }

        return $copy;
    }
}
