<?php

declare(strict_types=1);

namespace App\Imaging;

use Illuminate\Support\Facades\File;

/**
 * Writes a file that appears whole or not at all: under another name beside it first, so that a crash leaves nothing
 * half-made.
 */
final class AtomicFile
{
    /** What a name holds while its file is being written. */
    public const PART = '.part';

    /** @param  callable(string): mixed  $write  given a path with the same ending, by which tools tell a format */
    public static function write(string $path, callable $write): void
    {
        File::ensureDirectoryExists(dirname($path));
        $ending = pathinfo($path, PATHINFO_EXTENSION);
        $partial =
            ($ending === '' ? $path : substr($path, 0, -strlen($ending) - 1)).
            '.'.
            bin2hex(random_bytes(6)).
            self::PART.
            ($ending === '' ? '' : '.'.$ending);
        try {
            $write($partial);
            File::move($partial, $path);
        } finally {
            File::delete($partial);
        }
    }
}
