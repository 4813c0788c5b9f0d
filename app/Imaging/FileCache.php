<?php

declare(strict_types=1);

namespace App\Imaging;

use Illuminate\Support\Facades\File;

/**
 * Files that are made once and used again, up to a size: what was used longest ago goes first. Several processes share
 * the folder: a file appears whole or not at all, and one that is being read stays readable when it goes.
 */
final readonly class FileCache
{
    public function __construct(private string $folder, private int $bytes)
    {
    }

    /** @param  callable(string): void  $make  writes the file at a path */
    public function get(string $name, string $ending, callable $make): string
    {
        $path = $this->folder.'/'.$name.'.'.$ending;
        if (is_file($path)) {
            // Once a minute is enough to tell what is in use.
            if (filemtime($path) < time() - 60) {
                @touch($path);
            }

            return $path;
        }
        Once::make($path, $make);
        $this->makeRoom($path);

        return $path;
    }

    /** Everything whose name begins so. */
    public function forget(string $beginning): void
    {
        File::delete(File::glob($this->folder.'/'.$beginning.'*'));
    }

    private function makeRoom(string $newest): void
    {
        $files = [];
        foreach (File::glob($this->folder.'/*') as $path) {
            $size = @filesize($path);
            $used = @filemtime($path);
            // What is gone by now, another process has removed; what another is writing is left to it, unless it died.
            if (
                $size === false ||
                $used === false ||
                (str_contains($path, AtomicFile::PART.'.') && $used > time() - 600)
            ) {
                continue;
            }
            $files[$path] = [$used, $size];
        }
        uasort($files, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $total = array_sum(array_column($files, 1));
        foreach ($files as $path => [, $size]) {
            if ($total <= $this->bytes) {
                return;
            }
            if ($path !== $newest) {
                @unlink($path);
                $total -= $size;
            }
        }
    }
}
