<?php

declare(strict_types=1);

namespace App\Imaging;

use Illuminate\Support\Facades\File;
use RuntimeException;

/**
 * Writes a file that appears whole or not at all: under another name beside it first, so that a crash leaves nothing
 * half-made.
 */
final class AtomicFile
{
    /** What a name holds while its file is being written. */
    public const PART = '.part';

    /** Several processes may want the same folder at the same time. */
    public static function makeFolder(string $folder): void
    {
        if (! is_dir($folder) && ! @mkdir($folder, 0755, true) && ! is_dir($folder)) {
            throw new RuntimeException(sprintf('The folder "%s" cannot be made.', $folder));
        }
    }

    /** @param  callable(string): mixed  $write  given a path with the same ending, by which tools tell a format */
    public static function write(string $path, callable $write): void
    {
        self::makeFolder(dirname($path));
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
