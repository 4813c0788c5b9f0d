<?php

declare(strict_types=1);

namespace Tests\Support;

use Closure;

/**
 * What outside programs made of a file, kept by the hash of its content for all tests and processes of one run. Tests
 * that are about those programs carry the attribute DecodesAfresh.
 */
final readonly class Kept
{
    public function __construct(private string $folder)
    {
    }

    /**
     * The file of this name that goes with a source, made where there is none yet.
     *
     * @param  Closure(string): mixed  $make  writes it at a path
     */
    public function file(string $source, string $name, Closure $make): string
    {
        return $this->made($this->path($source, $name), $make);
    }

    /**
     * @param  string  $path  as path() gives it
     * @param  Closure(string): mixed  $make  writes it at a path
     */
    public function made(string $path, Closure $make): string
    {
        if (! is_file($path)) {
            $partial = $path.'.'.bin2hex(random_bytes(4));
            try {
                $make($partial);
                rename($partial, $path);
            } finally {
                is_file($partial) && unlink($partial);
            }
        }

        return $path;
    }

    /** Where it lies, or would lie. */
    public function path(string $source, string $name): string
    {
        is_dir($this->folder) || @mkdir($this->folder, recursive: true);

        // What is not there has no content, and nothing was ever made of it.
        return $this->folder.'/'.(is_file($source) ? hash_file('sha256', $source) : bin2hex(random_bytes(8))).'.'.$name;
    }
}
