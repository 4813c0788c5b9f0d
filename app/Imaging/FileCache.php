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
        $kept = $this->find($name, $ending);
        if ($kept !== null) {
            return $kept;
        }
        $path = $this->path($name, $ending);
        Once::make($path, $make);
        $this->makeRoom($path);

        return $path;
    }

    /** Where it is, if it is here. */
    public function find(string $name, string $ending = ''): ?string
    {
        $path = $this->path($name, $ending);
        if (! is_file($path)) {
            return null;
        }
        // Once a minute is enough to tell what is in use.
        if (filemtime($path) < time() - 60) {
            @touch($path);
        }

        return $path;
    }

    /** Where it would be. */
    public function path(string $name, string $ending): string
    {
        return $this->folder.'/'.$name.($ending === '' ? '' : '.'.$ending);
    }

    public function forgetExactly(string $name): void
    {
        File::delete($this->path($name, ''));
    }

    /**
     * What here is of pictures that are no longer there: this node may not have been the one that took them away.
     *
     * @param  callable(list<string>): array<string>  $known  those of these hashes that are still there
     * @return int how many files went
     */
    public function sweep(callable $known): int
    {
        clearstatcache();
        $gone = 0;
        foreach (array_chunk(File::glob($this->folder.'/*'), 500) as $paths) {
            $hashes = [];
            foreach ($paths as $path) {
                if (preg_match('/(?<![0-9a-f])[0-9a-f]{64}(?![0-9a-f])/', basename($path), $found) === 1) {
                    $hashes[$path] = $found[0];
                }
            }
            $there = array_flip($known(array_values(array_unique($hashes))));
            foreach ($hashes as $path => $hash) {
                if (! isset($there[$hash]) && (int) @filemtime($path) < time() - 600) {
                    File::delete($path);
                    $gone++;
                }
            }
        }

        return $gone;
    }

    /** Everything whose name begins so. */
    public function forget(string $beginning): void
    {
        File::delete(File::glob($this->folder.'/'.$beginning.'*'));
    }

    /** @return int how many files went that were not used for so long */
    public function sweepUnused(int $seconds): int
    {
        clearstatcache();
        $old = array_filter(
            File::glob($this->folder.'/*'),
            fn (string $path): bool => (int) @filemtime($path) < time() - $seconds,
        );
        File::delete($old);

        return count($old);
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
