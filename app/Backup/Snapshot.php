<?php

declare(strict_types=1);

namespace App\Backup;

use Generator;
use Illuminate\Support\Facades\File;

/** One moment in a repository: its database, its list of files, and what proves both. */
final readonly class Snapshot
{
    public function __construct(private Repository $repository, public string $time)
    {
    }

    private function key(string $name): string
    {
        return 'snapshots/'.$this->time.'/'.$name;
    }

    /**
     * @param  string  $database  packed dump
     * @param  string  $files  packed list
     */
    public function write(string $database, string $files, ?string $schema): void
    {
        $this->repository->put($this->key('database.sql.gz'), $database);
        $this->repository->put($this->key('files.gz'), $files);
        $path = $this->repository->scratch('snapshot.json');
        File::put($path, json_encode([
            'version' => (string) config('app.version'),
            'schema' => $schema,
            'applicationKey' => (string) config('app.key'),
            'database' => hash_file('sha256', $database),
            'files' => hash_file('sha256', $files),
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT)."\n");
        // Written last: a snapshot that has it is whole.
        $this->repository->put($this->key('snapshot.json'), $path);
    }

    /**
     * @return array<mixed> version and schema of the program, applicationKey, and the sums of database and files
     *
     * @throws BackupFailed when it is damaged
     */
    public function facts(): array
    {
        $path = $this->repository->scratch('snapshot.json');
        $this->repository->get($this->key('snapshot.json'), $path);
        $facts = json_decode((string) File::get($path), true);

        return is_array($facts) && isset($facts['database'], $facts['files'], $facts['applicationKey'])
            ? $facts
            : throw new BackupFailed('The snapshot is damaged.');
    }

    /** @throws BackupFailed when it is not as it was saved */
    public function database(string $path): void
    {
        $this->repository->get($this->key('database.sql.gz'), $path);
        if (hash_file('sha256', $path) !== $this->facts()['database']) {
            throw new BackupFailed('The database of this snapshot is not as it was saved.');
        }
    }

    /**
     * @return Generator<string, string> SHA-256 by key
     *
     * @throws BackupFailed when the list is not as it was saved
     */
    public function files(): Generator
    {
        $path = $this->repository->scratch('files-'.$this->time.'.gz');
        $this->repository->get($this->key('files.gz'), $path);
        if (hash_file('sha256', $path) !== $this->facts()['files']) {
            throw new BackupFailed('The list of files of this snapshot is not as it was saved.');
        }
        $lines = gzopen($path, 'rb') ?: throw new BackupFailed('The list of files cannot be read.');
        while (is_string($line = gzgets($lines))) {
            [$key, $sum] = explode("\t", rtrim($line, "\n"));
            yield $key => $sum;
        }
        gzclose($lines);
    }
}
