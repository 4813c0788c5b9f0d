<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\FileStore;
use App\Imaging\PictureGate;
use App\Imaging\ReadingFile;
use App\Models\Picture;
use Generator;
use Illuminate\Support\Facades\Cache;

/** Keeps each picture once, under the hash of its content, outside the web root. */
final readonly class PictureStore
{
    /** Under which originals lie in a backup. */
    public const BACKUP_FOLDER = 'pictures';

    /** What is kept of a picture, each in a folder of its own. */
    private const KINDS = ['originals', 'working', 'readings', 'measures'];

    /** From a file that is kept to the frame that shows it. */
    private const ARRIVING_SECONDS = 120;

    public function __construct(private PictureGate $gate, private FileStore $files)
    {
    }

    /**
     * Takes a file that has passed the gate. The same content again gives the picture that is there already, also where
     * what is kept of it is without its location.
     *
     * @param  ?string  $source  hash of the file as it came, where this is what is left of it
     * @param  bool  $withPlace  its owner wants where it was taken to stay: then no file without it will do
     */
    public function keep(string $path, ?string $source = null, bool $withPlace = false): Picture
    {
        $hash = (string) hash_file('sha256', $path);
        $known = $withPlace ? null : Picture::query()->where('source_hash', $hash)->first();
        // What is kept under a hash has that hash: a file that is gone is made anew from what has come.
        $kept = $known !== null && $this->files->has(self::originalKey($known->hash)) ? $known->hash : $hash;

        return $this->locked($kept, function () use ($kept, $path, $source): Picture {
            // Its frame comes after it: until then nobody takes it for a picture that nothing shows.
            $this->countArriving($kept, 1);
            $picture = Picture::query()->where('hash', $kept)->first();
            if (! $this->files->has(self::originalKey($kept))) {
                $this->files->put(self::originalKey($kept), $path);
            }

            // Only a file that is its own has none that is known.
            return $picture ?? Picture::query()->createOrFirst(
                ['hash' => $kept],
                [
                    'bytes' => (int) filesize($path),
                    'mime' => $this->gate->mime($path),
                    'source_hash' => $source,
                ],
            );
        });
    }

    /**
     * One at a time for one picture, over all processes.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function locked(string $hash, callable $work): mixed
    {
        return Cache::lock('picture:'.$hash, 60)->block(30, $work(...));
    }

    /** Whether it has been taken in so lately that its frame may still be on the way. */
    public function isArriving(string $hash): bool
    {
        return (int) Cache::get('picture-arriving:'.$hash, 0) > 0;
    }

    /** A frame of it is there; from now on that frame alone keeps it. */
    public function arrived(Picture $picture): void
    {
        $this->countArriving($picture->hash, -1);
    }

    /** Two may be handing in the same file at the same time. */
    private function countArriving(string $hash, int $more): void
    {
        $count = (int) Cache::get('picture-arriving:'.$hash, 0) + $more;
        Cache::put('picture-arriving:'.$hash, max(0, $count), self::ARRIVING_SECONDS);
    }

    /** The file as it was handed in, its working copy, and what was read of it. */
    public function delete(string $hash): void
    {
        $this->files->delete(
            self::originalKey($hash),
            self::workingKey($hash),
            self::readingKey($hash),
            self::measuresKey($hash, (int) config('pupil.rules_version')),
        );
    }

    /**
     * Every file that is stored.
     *
     * @return Generator<string, array{hash: string, time: int, bytes: int}> by key
     */
    public function files(): Generator
    {
        foreach (self::KINDS as $kind) {
            foreach ($this->files->files($kind) as $key => $facts) {
                yield $key => ['hash' => substr(basename($key), 0, 64), ...$facts];
            }
        }
    }

    /** @return int how many files went that were never finished */
    public function sweepHalfWritten(): int
    {
        return array_sum(array_map($this->files->sweepHalfWritten(...), self::KINDS));
    }

    /** @param  string  ...$keys  as files() gives them */
    public function deleteFiles(string ...$keys): void
    {
        $this->files->delete(...$keys);
    }

    /**
     * What this node keeps near of pictures that are no longer there.
     *
     * @param  callable(list<string>): array<string>  $known  those of these hashes that are still there
     */
    public function sweepNear(callable $known): int
    {
        return $this->files->isLocal() ? 0 : $this->files->sweepNear($known);
    }

    /** Where the file as it was handed in can be read. Nothing lies there where it is gone. */
    public function original(Picture $picture): string
    {
        return $this->files->path(self::originalKey($picture->hash));
    }

    public function has(string $hash): bool
    {
        return $this->files->has(self::originalKey($hash));
    }

    /** Where the upright sRGB copy without metadata can be read that is shown and measured on, or null. */
    public function workingCopy(Picture $picture): ?string
    {
        $path = $this->files->path(self::workingKey($picture->hash));

        return is_file($path) ? $path : null;
    }

    /**
     * The working copy, made where there is none.
     *
     * @param  callable(string): mixed  $make  writes it at a path
     */
    public function workingCopyMade(Picture $picture, callable $make): string
    {
        return $this->files->made(self::workingKey($picture->hash), $make);
    }

    /**
     * What was read of it, made where it is missing.
     *
     * @param  callable(string): mixed  $make  writes it at a path
     */
    public function readingMade(Picture $picture, callable $make): string
    {
        return $this->files->made(self::readingKey($picture->hash), $make);
    }

    /** Where what was read of it lies, or null. */
    public function reading(Picture $picture): ?string
    {
        $path = $this->files->path(self::readingKey($picture->hash));

        return is_file($path) ? $path : null;
    }

    public function forgetReading(Picture $picture): void
    {
        $this->files->delete(self::readingKey($picture->hash));
    }

    /**
     * What was measured of it by one version of the rules, made where it is missing.
     *
     * @param  callable(string): mixed  $make  writes it at a path
     */
    public function measuresMade(Picture $picture, int $version, callable $make): string
    {
        return $this->files->made(self::measuresKey($picture->hash, $version), $make);
    }

    /** An address of the store's own at which the working copy can be had for a while, if it has one to give. */
    public function workingAddress(Picture $picture, int $seconds): ?string
    {
        $key = self::workingKey($picture->hash);

        return $this->files->isLocal() || ! $this->files->has($key) ? null : $this->files->address($key, $seconds);
    }

    public static function backupKey(string $hash): string
    {
        return self::BACKUP_FOLDER.'/'.self::originalKey($hash);
    }

    /** @param  string  $key  as backupKey() gives it */
    public function bringBack(string $key, string $path): void
    {
        $this->files->put(substr($key, strlen(self::BACKUP_FOLDER) + 1), $path);
    }

    private static function originalKey(string $hash): string
    {
        return 'originals/'.self::shard($hash);
    }

    private static function workingKey(string $hash): string
    {
        return 'working/'.self::shard($hash).'.jpg';
    }

    private static function readingKey(string $hash): string
    {
        return 'readings/'.self::shard($hash).'.r'.ReadingFile::VERSION;
    }

    private static function measuresKey(string $hash, int $version): string
    {
        return 'measures/'.self::shard($hash).'.m'.$version;
    }

    private static function shard(string $hash): string
    {
        return substr($hash, 0, 2).'/'.substr($hash, 2, 2).'/'.$hash;
    }
}
