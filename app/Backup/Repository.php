<?php

declare(strict_types=1);

namespace App\Backup;

use Generator;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Filesystem\LocalFilesystemAdapter;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use League\Flysystem\FileAttributes;

/**
 * Where backups lie: a folder, or a bucket of the store. Pictures and rolls lie there once, however many snapshots know
 * them; a snapshot is the database of one moment and the list of the files that it speaks of.
 *
 *   backup.json                      format, and the mark of the key
 *   files/KEY                        as in the store: pictures/originals/… and files/roll/…
 *   snapshots/TIME/database.sql.gz
 *   snapshots/TIME/files.gz          a line a file: key and SHA-256
 *   snapshots/TIME/snapshot.json     the sums of the two, the schema, the application's key; written last
 */
final class Repository
{
    private const FORMAT = 'true-pupil-backup';

    private const VERSION = 2;

    private readonly string $scratch;

    private function __construct(private readonly FilesystemAdapter $disk, private readonly Sealing $sealing)
    {
        $this->scratch = storage_path('scratch/backup-'.bin2hex(random_bytes(8)));
        File::ensureDirectoryExists($this->scratch, 0700);
    }

    public function __destruct()
    {
        File::deleteDirectory($this->scratch);
    }

    /**
     * @param  string  $target  a folder, or "s3:BUCKET" of the store that is set
     * @param  bool  $begin  whether one is begun where there is none
     *
     * @throws BackupFailed when there is none, or it was made with another key
     */
    public static function at(string $target, ?BackupKey $key, bool $begin = false): self
    {
        $bucket = preg_match('/^s3:([a-z0-9.-]+)$/', $target, $found) === 1 ? $found[1] : null;
        if ($bucket === null && $begin) {
            File::isDirectory($target) || File::makeDirectory($target, 0700, true);
        }
        $disk = Storage::build(
            $bucket === null
                ? ['driver' => 'local', 'root' => $target, 'throw' => true, 'permissions' => [
                    'file' => ['private' => 0600, 'public' => 0600],
                    'dir' => ['private' => 0700, 'public' => 0700],
                ]]
                : [...(array) config('filesystems.s3'), 'bucket' => $bucket, 'root' => 'backup'],
        );
        assert($disk instanceof FilesystemAdapter);
        $repository = new self($disk, new Sealing($key));
        $repository->check($target, $key, $begin);

        return $repository;
    }

    private function check(string $target, ?BackupKey $key, bool $begin): void
    {
        if (! $this->disk->exists('backup.json')) {
            if (! $begin) {
                throw new BackupFailed(sprintf('"%s" is no backup of True Pupil.', $target));
            }
            if ($this->disk->files() !== [] || $this->disk->directories() !== []) {
                throw new BackupFailed(sprintf('"%s" holds something else. Name an empty folder.', $target));
            }
            $this->disk->put('backup.json', json_encode(
                ['format' => self::FORMAT, 'version' => self::VERSION, 'key' => $key?->mark()],
                JSON_THROW_ON_ERROR,
            )."\n");
        }
        $found = json_decode((string) $this->disk->get('backup.json'), true);
        if (($found['format'] ?? null) !== self::FORMAT || ($found['version'] ?? null) !== self::VERSION) {
            throw new BackupFailed(sprintf('"%s" is no backup of True Pupil.', $target));
        }
        if (($found['key'] ?? null) !== $key?->mark()) {
            throw new BackupFailed(match (true) {
                $key === null => 'This backup is encrypted: name the file with its key.',
                ($found['key'] ?? null) === null => 'This backup is not encrypted: leave out the key, or begin anew.',
                default => 'This backup was made with another key.',
            });
        }
    }

    /** @param  string  $path  of a file on this node, which stays */
    public function put(string $key, string $path): void
    {
        $sealed = $path;
        if ($this->sealing->isSealed()) {
            $sealed = $this->scratch.'/sealed';
            $this->sealing->seal($path, $sealed);
        }
        $stream = fopen($sealed, 'rb') ?: throw new BackupFailed('A file cannot be read.');
        // What has its name is whole: in a bucket it appears at once, in a folder it lies under another name first.
        $isFolder = $this->disk instanceof LocalFilesystemAdapter;
        $this->disk->writeStream($isFolder ? $key.'.part' : $key, $stream);
        is_resource($stream) && fclose($stream);
        if ($isFolder) {
            $this->disk->move($key.'.part', $key);
        }
    }

    /**
     * @param  string  $path  where it goes
     *
     * @throws BackupFailed when it is missing, damaged or sealed with another key
     */
    public function get(string $key, string $path): void
    {
        $stream = $this->disk->exists($key) ? $this->disk->readStream($key) : null;
        if ($stream === null) {
            throw new BackupFailed(sprintf('"%s" is missing in the backup.', $key));
        }
        $fetched = $this->sealing->isSealed() ? $this->scratch.'/fetched' : $path;
        $to = fopen($fetched, 'wb') ?: throw new BackupFailed('A file cannot be written.');
        stream_copy_to_stream($stream, $to);
        fclose($stream);
        if (! fclose($to)) {
            throw new BackupFailed('There is no room to bring the backup back.');
        }
        if ($fetched !== $path) {
            $this->sealing->unseal($fetched, $path);
        }
    }

    /** @return Generator<string> keys under a folder */
    public function keys(string $folder): Generator
    {
        foreach ($this->disk->listContents($folder, true) as $file) {
            if ($file instanceof FileAttributes && ! str_ends_with($file->path(), '.part')) {
                yield $file->path();
            }
        }
    }

    /** @return list<string> times of the snapshots that are whole, the oldest first */
    public function snapshots(): array
    {
        $times = [];
        foreach ($this->keys('snapshots') as $key) {
            if (basename($key) === 'snapshot.json') {
                $times[] = basename(dirname($key));
            }
        }
        sort($times);

        return $times;
    }

    public function delete(string $key): void
    {
        $this->disk->delete($key);
    }

    public function deleteFolder(string $folder): void
    {
        $this->disk->deleteDirectory($folder);
    }

    /** A file of this backup's own to work with. */
    public function scratch(string $name): string
    {
        return $this->scratch.'/'.$name;
    }
}
