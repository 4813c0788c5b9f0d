<?php

declare(strict_types=1);

namespace App\Backup;

use App\HandIn\PictureStore;
use App\Practice\RollPictures;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schema;

/** Looks a snapshot through byte by byte, and brings it back into an empty installation. */
final readonly class ReadBackup
{
    public function __construct(
        private PictureStore $pictures,
        private RollPictures $rolls,
        private DatabaseDump $dump,
    ) {
    }

    /**
     * @param  ?string  $time  of a snapshot; null: the newest
     *
     * @throws BackupFailed when there is none
     */
    public static function snapshot(Repository $repository, ?string $time): Snapshot
    {
        $times = $repository->snapshots();
        if ($times === [] || ($time !== null && ! in_array($time, $times, true))) {
            throw new BackupFailed('There is no such snapshot. There are: '.(implode(', ', $times) ?: 'none'));
        }

        return new Snapshot($repository, $time ?? end($times));
    }

    /**
     * @return int how many files it speaks of, all of them as they were saved
     *
     * @throws BackupFailed on the first that is not
     */
    public function verify(Repository $repository, Snapshot $snapshot): int
    {
        $snapshot->database($repository->scratch('database.sql.gz'));

        return $this->each($repository, $snapshot, fn () => null);
    }

    /**
     * @return int how many files came back
     *
     * @throws BackupFailed when something is there already, is damaged, or is newer than this program
     */
    public function restore(Repository $repository, Snapshot $snapshot): int
    {
        $facts = $snapshot->facts();
        if ($facts['schema'] !== null && ! is_file(database_path('migrations/'.$facts['schema'].'.php'))) {
            throw new BackupFailed(
                sprintf(
                    'The backup is from a newer version of the program (%s). Update the program first; nothing was '.
                        'restored.',
                    $facts['version'],
                ),
            );
        }
        if (Schema::connection('primary')->hasTable('users') && DB::connection('primary')->table('users')->exists()) {
            throw new BackupFailed('There are people in this installation already, and nothing of it is overwritten.');
        }
        $database = $repository->scratch('database.sql.gz');
        $snapshot->database($database);
        // Pictures before the rows that speak of them.
        $count = $this->each($repository, $snapshot, $this->bringBack(...));
        $this->dump->load($database);

        return $count;
    }

    private function bringBack(string $key, string $path): void
    {
        str_starts_with($key, PictureStore::BACKUP_FOLDER.'/')
            ? $this->pictures->bringBack($key, $path)
            : $this->rolls->bringBack($key, $path);
    }

    /** @param  callable(string, string): mixed  $what  with each key, and the file on this node */
    private function each(Repository $repository, Snapshot $snapshot, callable $what): int
    {
        $count = 0;
        $path = $repository->scratch('one');
        foreach ($snapshot->files() as $key => $sum) {
            $repository->get('files/'.$key, $path);
            if (hash_file('sha256', $path) !== $sum) {
                throw new BackupFailed(sprintf('"%s" is not as it was saved.', $key));
            }
            $what($key, $path);
            $count++;
        }
        File::delete($path);

        return $count;
    }
}
