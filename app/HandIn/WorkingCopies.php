<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\FileCache;
use App\Imaging\PixelEngine;
use App\Models\Picture;
use Illuminate\Support\Facades\File;
use TruePupil\Core\Capture\UnreadablePicture;

/**
 * The upright sRGB copies without metadata that are shown: made once, and again where they are gone, as after a move.
 */
final readonly class WorkingCopies
{
    /** Seconds for which an address of the store's own counts. */
    public const ADDRESS_SECONDS = 600;

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

    /** Where the store itself sends the working copy, if it may (pupil.signed_addresses) and has it. */
    public function address(Picture $picture): ?string
    {
        return config('pupil.signed_addresses')
            ? $this->store->workingAddress($picture, self::ADDRESS_SECONDS)
            : null;
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

    /** What was made of a picture that is no longer there. */
    public function forget(string $hash): void
    {
        $this->wholes->forget($hash);
        $this->made->forget($hash);
    }

    /**
     * What this node has made of pictures that another has taken away.
     *
     * @param  callable(list<string>): array<string>  $known  those of these hashes that are still there
     * @return int how many files went
     */
    public function sweep(callable $known): int
    {
        return $this->wholes->sweep($known) + $this->made->sweep($known);
    }

    /** @throws UnreadablePicture when the original is gone or cannot be decoded */
    public function path(Picture $picture): string
    {
        return $this->store->workingCopyMade(
            $picture,
            fn (string $partial) => $this->pixels->workingCopy(
                $this->store->original($picture),
                $partial,
                (int) config('pupil.working_side'),
            ),
        );
    }
}
