<?php

declare(strict_types=1);

namespace App\Imaging;

use Generator;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Filesystem\LocalFilesystemAdapter;
use Illuminate\Support\Facades\File;
use League\Flysystem\FileAttributes;
use League\Flysystem\StorageAttributes;
use RuntimeException;
use Throwable;

/**
 * Files that all nodes share, for programs that need them at a path. In a folder they are where they are; out of a
 * remote store they are fetched once to a node and kept near while they are in use.
 */
final readonly class FileStore
{
    /** Nothing is written for so long. */
    private const HALF_WRITTEN_SECONDS = 86400;

    /** @param  FilesystemAdapter  $disk  one of the framework's; remote stores must write a file whole or not at all */
    public function __construct(private FilesystemAdapter $disk, private FileCache $near)
    {
    }

    public function isLocal(): bool
    {
        return $this->disk instanceof LocalFilesystemAdapter;
    }

    /** @throws StoreAway when the store does not answer */
    public function has(string $key): bool
    {
        return $this->isLocal()
            ? is_file($this->disk->path($key))
            : $this->asked(fn (): bool => $this->disk->exists($key));
    }

    /**
     * Where the file can be read, on this node. Nothing lies there where the store has none.
     *
     * @throws StoreAway when the store does not answer
     */
    public function path(string $key): string
    {
        if ($this->isLocal()) {
            return $this->disk->path($key);
        }
        $kept = $this->near->find(self::near($key));
        if ($kept !== null) {
            return $kept;
        }

        return $this->has($key)
            ? $this->near->get(self::near($key), '', fn (string $partial) => $this->fetch($key, $partial))
            : $this->near->path(self::near($key), '');
    }

    /**
     * The file at this key, made where there is none yet.
     *
     * @param  callable(string): mixed  $make  writes it at a path
     *
     * @throws StoreAway when the store does not answer
     * @throws StillMaking when somebody else is making it, and takes long
     */
    public function made(string $key, callable $make): string
    {
        if ($this->isLocal()) {
            $path = $this->disk->path($key);
            if (! is_file($path)) {
                Once::make($path, $make);
            }

            return $path;
        }

        return $this->near->get(self::near($key), '', function (string $partial) use ($key, $make): void {
            if ($this->has($key)) {
                $this->fetch($key, $partial);

                return;
            }
            $make($partial);
            $this->send($key, $partial);
        });
    }

    /**
     * Puts a file in, whole or not at all; it stays where it came from.
     *
     * @throws StoreAway when the store does not answer
     */
    public function put(string $key, string $path): void
    {
        if ($this->isLocal()) {
            AtomicFile::write($this->disk->path($key), fn (string $partial) => File::copy($path, $partial));

            return;
        }
        $this->near->forgetExactly(self::near($key));
        $this->send($key, $path);
    }

    /**
     * The same, of a content at hand.
     *
     * @throws StoreAway when the store does not answer
     */
    public function putContent(string $key, string $content): void
    {
        if ($this->isLocal()) {
            AtomicFile::write($this->disk->path($key), function (string $partial) use ($content): void {
                if (File::put($partial, $content) !== strlen($content)) {
                    throw new RuntimeException('No space left on device.');
                }
            });

            return;
        }
        $this->asked(fn () => $this->disk->put($key, $content));
    }

    /**
     * Adds a file's content to an open one.
     *
     * @param  resource  $to
     *
     * @throws StoreAway when the store does not answer
     */
    public function copyTo(string $key, $to): void
    {
        $this->asked(function () use ($key, $to): void {
            $from = $this->disk->readStream($key) ?? throw new StoreAway('A file is gone.');
            try {
                if (stream_copy_to_stream($from, $to) === false) {
                    throw new RuntimeException('No space left on device.');
                }
            } finally {
                fclose($from);
            }
        });
    }

    /** @throws StoreAway when the store does not answer */
    public function delete(string ...$keys): void
    {
        foreach ($keys as $key) {
            if ($this->isLocal()) {
                File::delete($this->disk->path($key));

                continue;
            }
            $this->near->forgetExactly(self::near($key));
            $this->asked(fn (): bool => $this->disk->delete($key));
        }
    }

    /** Everything under a folder. */
    public function deleteFolder(string $folder): void
    {
        $this->asked(fn (): bool => $this->disk->deleteDirectory($folder));
    }

    /**
     * Every file under a folder; what is just being written is not there yet.
     *
     * @return Generator<string, array{time: int, bytes: int}> by key
     *
     * @throws StoreAway when the store does not answer
     */
    public function files(string $folder): Generator
    {
        foreach ($this->listed($folder) as $file) {
            if (! self::isHalfWritten($file->path())) {
                yield $file->path() => ['time' => (int) $file->lastModified(), 'bytes' => (int) $file->fileSize()];
            }
        }
    }

    /**
     * What was being written when a program was killed. A remote store takes a file whole or not at all.
     *
     * @return int how many files went
     */
    public function sweepHalfWritten(string $folder): int
    {
        $gone = 0;
        foreach ($this->isLocal() ? $this->listed($folder) : [] as $file) {
            if (self::isHalfWritten($file->path()) && $file->lastModified() < time() - self::HALF_WRITTEN_SECONDS) {
                $this->delete($file->path());
                $gone++;
            }
        }

        return $gone;
    }

    /**
     * @return Generator<FileAttributes>
     *
     * @throws StoreAway when the store does not answer
     */
    private function listed(string $folder): Generator
    {
        try {
            /** @var iterable<StorageAttributes> $found */
            $found = $this->disk->getDriver()->listContents($folder, true);
            foreach ($found as $file) {
                if ($file instanceof FileAttributes) {
                    yield $file;
                }
            }
        } catch (Throwable $problem) {
            throw StoreAway::because($problem);
        }
    }

    private static function isHalfWritten(string $key): bool
    {
        return str_starts_with(basename($key), '.') || str_contains(basename($key), AtomicFile::PART);
    }

    /** An address at which the file itself can be had for a while; null where the store has none to give. */
    public function address(string $key, int $seconds): ?string
    {
        return $this->isLocal()
            ? null
            : $this->asked(
                fn (): string => $this->disk->temporaryUrl($key, now()->addSeconds($seconds)),
            );
    }

    /**
     * What this node keeps near of files that another has taken away, or that nobody asked for in a day.
     *
     * @param  callable(list<string>): array<string>  $known  those of these hashes that are still there
     * @return int how many files went
     */
    public function sweepNear(callable $known): int
    {
        return $this->near->sweep($known) + $this->near->sweepUnused(86400);
    }

    private function fetch(string $key, string $path): void
    {
        $to = fopen($path, 'wb') ?: throw new RuntimeException('A file could not be written.');
        try {
            $this->copyTo($key, $to);
        } finally {
            fclose($to);
        }
    }

    private function send(string $key, string $path): void
    {
        $this->asked(function () use ($key, $path): void {
            $from = fopen($path, 'rb') ?: throw new StoreAway('A file could not be read.');
            try {
                $this->disk->writeStream($key, $from);
            } finally {
                is_resource($from) && fclose($from);
            }
        });
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    private function asked(callable $work): mixed
    {
        if ($this->isLocal()) {
            return $work();
        }
        try {
            return $work();
        } catch (StoreAway $problem) {
            throw $problem;
        } catch (Throwable $problem) {
            throw StoreAway::because($problem);
        }
    }

    private static function near(string $key): string
    {
        return strtr($key, '/', '-');
    }
}
