<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\AtomicFile;
use App\Imaging\PictureGate;
use App\Models\Picture;
use Generator;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;

/** Keeps each picture once, under the hash of its content, outside the web root. */
final readonly class PictureStore
{
    /** From a file that is kept to the frame that shows it. */
    private const ARRIVING_SECONDS = 120;

    public function __construct(private PictureGate $gate)
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
        $kept = $known !== null && is_file($this->original($known)) ? $known->hash : $hash;

        return $this->locked($kept, function () use ($kept, $path, $source): Picture {
            // Its frame comes after it: until then nobody takes it for a picture that nothing shows.
            $this->countArriving($kept, 1);
            $target = $this->absolute($this->originalKey($kept));
            $picture = Picture::query()->where('hash', $kept)->first();
            if (! is_file($target)) {
                AtomicFile::write($target, fn (string $partial) => File::copy($path, $partial));
            }

            return $picture ?? Picture::query()->createOrFirst(
                ['hash' => $kept],
                [
                    'bytes' => (int) filesize($target),
                    'mime' => $this->gate->mime($target),
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

    /** The file as it was handed in, and its working copy. */
    public function delete(string $hash): void
    {
        File::delete($this->paths($hash));
    }

    /**
     * Every file that is stored.
     *
     * @return Generator<string, list<string>> paths by hash
     */
    public function files(): Generator
    {
        $found = [];
        foreach (['originals', 'working'] as $kind) {
            foreach (File::glob($this->absolute($kind).'/*/*/*') as $path) {
                $found[substr(basename($path), 0, 64)][] = $path;
            }
        }
        yield from $found;
    }

    /** @return list<string> */
    private function paths(string $hash): array
    {
        return [$this->absolute($this->originalKey($hash)), $this->absolute('working/'.$this->shard($hash).'.jpg')];
    }

    public function original(Picture $picture): string
    {
        return $this->absolute($this->originalKey($picture->hash));
    }

    /** The upright sRGB copy without metadata that is shown and measured on. */
    public function workingCopy(Picture $picture): string
    {
        $path = $this->absolute('working/'.$this->shard($picture->hash).'.jpg');
        File::ensureDirectoryExists(dirname($path));

        return $path;
    }

    private function originalKey(string $hash): string
    {
        return 'originals/'.$this->shard($hash);
    }

    private function shard(string $hash): string
    {
        return substr($hash, 0, 2).'/'.substr($hash, 2, 2).'/'.$hash;
    }

    private function absolute(string $key): string
    {
        return Storage::disk('pictures')->path($key);
    }
}
