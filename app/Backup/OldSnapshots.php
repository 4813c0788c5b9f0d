<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Support\Carbon;

/** What is deleted in the service goes from its backups as well, when the last snapshot that knows it is old enough. */
final readonly class OldSnapshots
{
    public function __construct(private Repository $repository)
    {
    }

    /** @return int how many snapshots went */
    public function drop(int $days): int
    {
        $times = $this->repository->snapshots();
        array_pop($times);
        $old = array_filter(
            $times,
            fn (string $time): bool => Carbon::createFromFormat('Ymd\THis.v\Z', $time, 'UTC')
                ?->lt(now()->subDays($days)) ?? false,
        );
        foreach ($old as $time) {
            $this->repository->deleteFolder('snapshots/'.$time);
        }
        if ($old !== []) {
            $this->dropFiles();
        }

        return count($old);
    }

    /** Files that no snapshot knows any more. */
    private function dropFiles(): void
    {
        $known = [];
        foreach ($this->repository->snapshots() as $time) {
            foreach ((new Snapshot($this->repository, $time))->files() as $key => $sum) {
                $known['files/'.$key] = true;
            }
        }
        foreach ([...$this->repository->keys('files')] as $key) {
            if (! isset($known[$key])) {
                $this->repository->delete($key);
            }
        }
    }
}
