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
        // Of the content that it has now: the file may be changed before the answer is asked for.
        $kept = $this->kept->path($path, 'tags');
        $read = is_file($kept) ? fn (): array => (array) unserialize((string) file_get_contents($kept))
            : $this->tags->begin($path);

        return function () use ($kept, $read): array {
            $tags = $read();
            $this->kept->made($kept, fn (string $partial) => file_put_contents($partial, serialize($tags)));

            return $tags;
        };
    }
}
