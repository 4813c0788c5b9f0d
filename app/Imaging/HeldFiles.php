<?php

declare(strict_types=1);

namespace App\Imaging;

use Illuminate\Support\Facades\File;

/**
 * Files that are needed for longer than they may lie where they are, as what is kept near of a remote store: each gets
 * a second name, or a copy where that cannot be, for as long as this object lives.
 */
final class HeldFiles
{
    private readonly string $folder;

    private int $count = 0;

    public function __construct()
    {
        $this->folder = storage_path('scratch/held-'.bin2hex(random_bytes(8)));
    }

    public function __destruct()
    {
        File::deleteDirectory($this->folder);
    }

    /** Where the file stays; nothing lies there where there was none. */
    public function hold(string $path): string
    {
        AtomicFile::makeFolder($this->folder);
        $held = $this->folder.'/'.$this->count++;
        if (is_file($path) && ! @link($path, $held)) {
            File::copy($path, $held);
        }

        return $held;
    }
}
