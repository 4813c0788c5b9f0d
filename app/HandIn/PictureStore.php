<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\AtomicFile;
use App\Imaging\PictureGate;
use App\Models\Picture;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;

/** Keeps each picture once, under the hash of its content, outside the web root. */
final readonly class PictureStore
{
    public function __construct(private PictureGate $gate)
    {
    }

    /**
     * Takes a file that has passed the gate. The same content again gives the picture that is there already.
     */
    public function keep(string $path): Picture
    {
        $hash = (string) hash_file('sha256', $path);
        $target = $this->absolute($this->originalKey($hash));
        if (! is_file($target)) {
            AtomicFile::write($target, fn (string $partial) => File::copy($path, $partial));
        }

        return Picture::query()->createOrFirst(
            ['hash' => $hash],
            [
                'bytes' => (int) filesize($target),
                'mime' => $this->gate->mime($target),
            ],
        );
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
