<?php

declare(strict_types=1);

namespace App\Backup;

use App\HandIn\PictureStore;
use App\Models\Picture;
use App\Models\RollFrame;
use App\Models\RollState;
use App\Practice\RollPictures;
use App\Watch\ServiceEvent;
use Generator;
use Illuminate\Support\Facades\DB;

/** Saves a running installation: only what a repository does not have yet is copied. */
final readonly class MakeBackup
{
    public function __construct(
        private PictureStore $pictures,
        private RollPictures $rolls,
        private DatabaseDump $dump,
    ) {
    }

    /**
     * @param  int  $days  for which snapshots are kept; the newest stays whatever its age
     * @return array{snapshot: string, files: int, copied: int, bytes: int, gone: int, dropped: int} files that it
     *     speaks of, how many of them were new and how large, how many were deleted while it was made, and how many old
     *     snapshots went
     *
     * @throws BackupFailed
     */
    public function handle(Repository $repository, int $days): array
    {
        $there = array_fill_keys([...$repository->keys('files')], true);
        // Most of it before the moment of the database, so that little can be deleted between the two.
        $first = $this->copy($repository, $there, null);
        $database = $repository->scratch('database.sql.gz');
        $this->dump->write($database);
        $list = $repository->scratch('files.gz');
        $lines = gzopen($list, 'wb6') ?: throw new BackupFailed('There is no room for the backup.');
        $second = $this->copy($repository, $there, $lines);
        gzclose($lines);
        $snapshot = new Snapshot($repository, now('UTC')->format('Ymd\THis.v\Z'));
        $snapshot->write($database, $list, DB::connection('primary')->table('migrations')->max('migration'));
        ServiceEvent::happened(ServiceEvent::BACKUP);

        return [
            'snapshot' => $snapshot->time,
            'files' => $second['files'],
            'copied' => $first['copied'] + $second['copied'],
            'bytes' => $first['bytes'] + $second['bytes'],
            'gone' => $second['gone'],
            'dropped' => (new OldSnapshots($repository))->drop($days),
        ];
    }

    /**
     * @param  array<string, true>  $there  by key; grows
     * @param  ?resource  $list  where each file is written down
     * @return array{files: int, copied: int, bytes: int, gone: int}
     */
    private function copy(Repository $repository, array &$there, $list): array
    {
        $count = ['files' => 0, 'copied' => 0, 'bytes' => 0, 'gone' => 0];
        foreach ($this->files() as $key => [$sum, $find]) {
            $isThere = isset($there['files/'.$key]);
            // What is kept under its sum needs no second look; the rest is summed when it is written down.
            $path = $isThere && ($sum !== null || $list === null) ? null : $find();
            if ($path !== null && ! is_file($path)) {
                $count['gone']++;

                continue;
            }
            if (! $isThere && $path !== null) {
                $repository->put('files/'.$key, $path);
                $there['files/'.$key] = true;
                $count['copied']++;
                $count['bytes'] += (int) filesize($path);
            }
            $count['files']++;
            if ($list !== null) {
                $sum ??= hash_file('sha256', (string) $path);
                gzwrite($list, $key."\t".$sum."\n");
            }
        }

        return $count;
    }

    /**
     * Every file that the database speaks of and that cannot be made again.
     *
     * @return Generator<string, array{?string, callable(): string}> its sum where that is known, and where it can be
     *     read, by key
     */
    private function files(): Generator
    {
        foreach (Picture::query()->useWritePdo()->lazyById(1000) as $picture) {
            yield PictureStore::backupKey($picture->hash) => [
                $picture->hash,
                fn (): string => $this->pictures->original($picture),
            ];
        }
        $rolls = RollFrame::withTrashed()->useWritePdo()->where('state', RollState::Ready);
        foreach ($rolls->lazyById(1000) as $frame) {
            foreach (RollPictures::backupKeys($frame) as $key => $isRaw) {
                yield $key => [null, fn (): string => $this->rolls->path($frame, $isRaw)];
            }
        }
    }
}
