<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\AtomicFile;
use App\Imaging\FileCache;
use App\Imaging\Once;
use App\Imaging\PixelEngine;
use App\Models\Picture;
use Illuminate\Support\Facades\File;
use LogicException;
use TruePupil\Core\Capture\UnreadablePicture;
use TruePupil\Core\Measures\PixelSight;

/**
 * The upright sRGB copies without metadata that are shown: made once, and again where they are gone, as after a move.
 */
final readonly class WorkingCopies
{
    public function __construct(
        private PictureStore $store,
        private PixelEngine $pixels,
        private FileCache $wholes,
        private FileCache $made,
    ) {
    }

    /**
     * Something that is made of a picture: once for each name, kept for a while, gone with the picture.
     *
     * @param  string  $what  everything that it depends on beside the picture
     * @param  callable(): string  $make  gives a JPEG
     */
    public function made(Picture $picture, string $what, callable $make): string
    {
        return $this->made->get(
            $picture->hash.'-'.hash('xxh128', $what),
            'jpg',
            function (string $partial) use ($make): void {
                File::put($partial, $make());
            },
        );
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

    /**
     * A first look at the picture; its working copy is made with it where there is none yet.
     *
     * @throws UnreadablePicture
     */
    public function sight(Picture $picture): PixelSight
    {
        $copy = $this->store->workingCopy($picture);
        $side = (int) config('pupil.working_side');
        if (is_file($copy)) {
            return $this->pixels->sight($copy, null, $side);
        }
        $sight = null;
        AtomicFile::write($copy, function (string $partial) use ($picture, $side, &$sight): void {
            $sight = $this->pixels->sight($this->store->original($picture), $partial, $side);
        });

        return $sight ?? throw new LogicException('The copy was written without a look at it.');
    }

    /** What was made of a picture that is no longer there. */
    public function forget(string $hash): void
    {
        $this->wholes->forget($hash);
        $this->made->forget($hash);
    }

    /** @throws UnreadablePicture when the original is gone or cannot be decoded */
    public function path(Picture $picture): string
    {
        $copy = $this->store->workingCopy($picture);
        if (! is_file($copy)) {
            Once::make(
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
