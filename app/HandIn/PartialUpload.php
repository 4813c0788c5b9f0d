<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\SetBrief;
use App\Models\User;
use Illuminate\Support\Facades\File;
use Symfony\Component\HttpFoundation\File\Exception\UploadException;

/**
 * A file that arrives in pieces, so that a dropped connection costs one piece and not the whole file. Known by who
 * sends it, for which brief, and by its name, size and date: chosen again, even on another day, it goes on where it
 * stopped.
 */
final class PartialUpload
{
    /** Bytes in one piece. */
    public const PIECE = 1 << 20;

    /** What was begun and left is kept for so long. */
    private const KEPT_SECONDS = 86400;

    /** So many files may be under way at once for one person. */
    private const MOST = 60;

    private function __construct(private readonly string $path, public readonly int $size)
    {
    }

    /** @throws HandInRefused when too many are under way */
    public static function of(User $user, SetBrief $setBrief, string $name, int $size, int $modified): self
    {
        $folder = self::folder($user);
        File::ensureDirectoryExists($folder);
        $path = $folder.'/'.hash('xxh128', implode("\n", [$setBrief->id, $name, $size, $modified])).'.part';
        if (! is_file($path)) {
            self::tidy($folder);
            if (count(File::glob($folder.'/*.part')) >= self::MOST) {
                throw HandInRefused::because(
                    sprintf('%d files are under way already. Let some of them arrive first.', self::MOST),
                );
            }
            self::makeRoom($folder, $size);
            File::put($path, '');
        }

        return new self($path, $size);
    }

    /** Bytes that are here already. */
    public function received(): int
    {
        clearstatcache(true, $this->path);

        return is_file($this->path) ? (int) filesize($this->path) : 0;
    }

    /**
     * Adds a piece. One that is here already, sent again since its answer was lost, changes nothing.
     *
     * @param  int  $offset  where in the file it belongs
     * @return int bytes that are here now
     *
     * @throws UploadException when the disk takes no more
     */
    public function add(int $offset, string $piece): int
    {
        $file = fopen($this->path, 'c+b') ?: throw new UploadException('The file could not be opened.');
        try {
            flock($file, LOCK_EX);
            $there = max(0, (int) (fstat($file)['size'] ?? 0));
            if ($offset === $there && $there + strlen($piece) <= $this->size) {
                fseek($file, $there);
                if (fwrite($file, $piece) !== strlen($piece) || ! fflush($file)) {
                    ftruncate($file, $there);
                    throw new UploadException('The disk took no more of it.');
                }
            }
        } finally {
            flock($file, LOCK_UN);
            fclose($file);
        }

        return $this->received();
    }

    public function isComplete(): bool
    {
        return $this->received() === $this->size;
    }

    public function path(): string
    {
        return $this->path;
    }

    public function forget(): void
    {
        File::delete($this->path);
    }

    /** @throws HandInRefused when too many bytes are under way */
    private static function makeRoom(string $folder, int $size): void
    {
        $most = (int) config('pupil.quota.upload_megabytes');
        $sizes = array_map(fn (string $path): int => (int) @filesize($path), File::glob($folder.'/*.part'));
        if (array_sum($sizes) + $size > $most * 1_000_000) {
            throw HandInRefused::because(
                sprintf(
                    'More than %d MB are under way already. Let some of the files arrive first; nothing was kept of '.
                        'this one.',
                    $most,
                ),
            );
        }
    }

    /**
     * What was begun by anybody and left for a day.
     *
     * @return int how many went
     */
    public static function sweep(): int
    {
        $before = count(File::glob(storage_path('app/uploads/*/*.part')));
        foreach (File::glob(storage_path('app/uploads/*'), GLOB_ONLYDIR) as $folder) {
            self::tidy($folder);
            @rmdir($folder);
        }

        return $before - count(File::glob(storage_path('app/uploads/*/*.part')));
    }

    private static function folder(User $user): string
    {
        return storage_path('app/uploads/'.$user->id);
    }

    private static function tidy(string $folder): void
    {
        foreach (File::glob($folder.'/*.part') as $path) {
            if (filemtime($path) < time() - self::KEPT_SECONDS) {
                File::delete($path);
            }
        }
    }
}
