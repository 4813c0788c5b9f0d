<?php

declare(strict_types=1);

namespace App\Imaging;

/** Makes a file once, however many ask for it at the same time: the others wait for it. */
final class Once
{
    private const EVERY_MICROSECONDS = 50_000;

    /**
     * @param  callable(string): mixed  $make  writes the file at a path
     * @param  float  $seconds  as long as is waited for somebody else who is making it
     *
     * @throws StillMaking when it takes them longer
     */
    public static function make(string $path, callable $make, float $seconds = 20.0): void
    {
        AtomicFile::makeFolder(dirname($path));
        $lock = fopen(dirname($path).'/.'.basename($path).'.lock', 'c') ?: throw StillMaking::now();
        $until = microtime(true) + $seconds;
        try {
            while (! flock($lock, LOCK_EX | LOCK_NB)) {
                if (microtime(true) > $until) {
                    throw StillMaking::now();
                }
                usleep(self::EVERY_MICROSECONDS);
            }
            clearstatcache(true, $path);
            if (! is_file($path)) {
                AtomicFile::write($path, $make);
            }
            @unlink(dirname($path).'/.'.basename($path).'.lock');
        } finally {
            fclose($lock);
        }
    }
}
