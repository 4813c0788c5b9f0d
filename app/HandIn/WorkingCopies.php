<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\AtomicFile;
use App\Imaging\FileCache;
use App\Imaging\PixelEngine;
use App\Models\Picture;
use TruePupil\Core\Capture\UnreadablePicture;

/**
 * The upright sRGB copies without metadata that are shown: made once, and again where they are gone, as after a move.
 */
final readonly class WorkingCopies
{
    public function __construct(private PictureStore $store, private PixelEngine $pixels, private FileCache $wholes)
    {
    }

    /**
     * With every pixel, for looking closely; kept for a while.
     *
     * @throws UnreadablePicture
     */
    public function whole(Picture $picture): string
    {
        return $this->wholes->get(
            $picture->hash,
            'jpg',
            fn (string $partial) => $this->pixels->workingCopy($this->store->original($picture), $partial, PHP_INT_MAX),
        );
    }

    /** @throws UnreadablePicture when the original is gone or cannot be decoded */
    public function path(Picture $picture): string
    {
        $copy = $this->store->workingCopy($picture);
        if (! is_file($copy)) {
            AtomicFile::write(
                $copy,
                fn (string $partial) => $this->pixels->workingCopy(
                    $this->store->original($picture),
                    $partial,
                    (int) config('pupil.working_side'),
                ),
            );
        }

        return $copy;
    }
}
