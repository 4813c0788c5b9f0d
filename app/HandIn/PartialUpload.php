<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\AtomicFile;
use App\Imaging\FileStore;
use App\Imaging\StoreAway;
use Illuminate\Support\Facades\File;
use Symfony\Component\HttpFoundation\File\Exception\UploadException;
use Throwable;

/** A file that arrives in pieces. Each lies by itself under where it begins, so that any node may take the next one. */
final class PartialUpload
{
    /** Bytes in one piece. */
    public const PIECE = 1 << 20;

    private ?string $assembled = null;

    /** @param  string  $folder  of its pieces, in the store */
    public function __construct(
        private readonly FileStore $files,
        private readonly string $folder,
        public readonly int $size,
    ) {
    }

    public function __destruct()
    {
        if ($this->assembled !== null) {
            File::delete($this->assembled);
        }
    }

    /** Bytes that are here already. */
    public function received(): int
    {
        return array_sum($this->pieces());
    }

    /**
     * Adds a piece. One that is here already, sent again since its answer was lost, changes nothing.
     *
     * @param  int  $offset  where in the file it belongs
     * @return int bytes that are here now
     *
     * @throws UploadException when there is no room for it
     * @throws StoreAway
     */
    public function add(int $offset, string $piece): int
    {
        $there = $this->received();
        if ($offset !== $there || $piece === '' || $there + strlen($piece) > $this->size) {
            return $there;
        }
        RoomLeft::for(strlen($piece));
        try {
            $this->files->putContent($this->folder.'/'.sprintf('%012d', $offset), $piece);
        } catch (StoreAway $problem) {
            throw $problem;
        } catch (Throwable $problem) {
            throw new UploadException('There is no room for it.', previous: $problem);
        }

        return $there + strlen($piece);
    }

    /**
     * The whole file, put together on this node until this object goes.
     *
     * @throws UploadException when there is no room for it
     * @throws StoreAway
     */
    public function path(): string
    {
        $this->assembled ??= storage_path('scratch/upload-'.bin2hex(random_bytes(8)));
        AtomicFile::makeFolder(dirname($this->assembled));
        $whole = fopen($this->assembled, 'wb') ?: throw new UploadException('The file could not be put together.');
        try {
            foreach (array_keys($this->pieces()) as $key) {
                $this->files->copyTo($key, $whole);
            }
        } catch (StoreAway $problem) {
            throw $problem;
        } catch (Throwable $problem) {
            throw new UploadException('There is no room for it.', previous: $problem);
        } finally {
            fclose($whole);
        }

        return $this->assembled;
    }

    public function forget(): void
    {
        $this->files->deleteFolder($this->folder);
    }

    /** @return array<string, int> bytes of those that follow one another from the start, by key */
    private function pieces(): array
    {
        $found = [];
        foreach ($this->files->files($this->folder) as $key => ['bytes' => $bytes]) {
            $found[$key] = $bytes;
        }
        ksort($found);
        $pieces = [];
        foreach ($found as $key => $bytes) {
            if ((int) basename($key) === array_sum($pieces)) {
                $pieces[$key] = $bytes;
            }
        }

        return $pieces;
    }
}
