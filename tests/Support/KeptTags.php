<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Imaging\PictureTags;
use Closure;

/** Each file's tags are read once a run; files that cannot be read are asked about each time. */
final readonly class KeptTags implements PictureTags
{
    public function __construct(private PictureTags $tags, private Kept $kept)
    {
    }

    public function read(string $path): array
    {
        return $this->begin($path)();
    }

    public function begin(string $path): Closure
    {
        if (! is_file($path)) {
            return $this->tags->begin($path);
        }
        $read = $this->kept->has($path, 'tags') ? null : $this->tags->begin($path);

        return function () use ($path, $read): array {
            $make = fn (string $partial) => file_put_contents($partial, serialize($read === null ? [] : $read()));

            return (array) unserialize((string) file_get_contents($this->kept->file($path, 'tags', $make)));
        };
    }
}
