<?php

declare(strict_types=1);

namespace App\Watch;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** The database, its replicas, and the clock of this node against the database's. */
final readonly class DatabaseParts
{
    /** Seconds between two clocks from which jobs and links are taken for older or newer than they are. */
    private const SKEW_SECONDS = 5;

    public function primary(): Part
    {
        DB::connection('primary')->select('select 1');
        $missing = array_diff(
            array_map(
                fn (string $path): string => basename($path, '.php'),
                File::glob(database_path('migrations/*.php')),
            ),
            DB::connection('primary')->table('migrations')->pluck('migration')->all(),
        );

        return $missing === []
            ? Part::well('It answers.')
            : Part::wrong(
                sprintf('It is %d migrations behind: run "php artisan migrate --force".', count($missing)),
                isNeeded: true,
            );
    }

    /** How far each replica is behind, by what the nodes last wrote (NodePresence). */
    public function replicas(): ?Part
    {
        $hosts = (array) config('database.connections.mariadb.read.host', []);
        if ($hosts === []) {
            return null;
        }
        $seen = fn (string $connection): float => (float) DB::connection($connection)
            ->table('nodes')
            ->selectRaw("coalesce(max(timestampdiff(microsecond, '1970-01-01', seen_at)), 0) / 1e6 as seen")
            ->value('seen');
        $worst = 0.0;
        foreach ($hosts as $number => $host) {
            $name = 'replica-'.$number;
            config(['database.connections.'.$name => [...config('database.connections.primary'), 'host' => $host]]);
            // Asked first, the replica cannot be ahead of what it is measured by.
            $there = $seen($name);
            $worst = max($worst, $seen('primary') - $there);
        }
        $figures = ['lag_seconds' => round($worst, 1)];

        return $worst > (int) config('pupil.watch.lag_seconds')
            ? Part::wrong(sprintf('A replica is %.0f s behind: pages may show what was.', $worst), $figures)
            : Part::well('They follow.', $figures);
    }

    public function clock(): Part
    {
        $before = microtime(true);
        $there = (float) DB::connection('primary')->scalar(
            "select timestampdiff(microsecond, '1970-01-01', utc_timestamp(6)) / 1e6",
        );
        $skew = ($before + microtime(true)) / 2 - $there;
        $figures = ['skew_seconds' => round($skew, 2)];

        return abs($skew) > self::SKEW_SECONDS
            ? Part::wrong(
                sprintf(
                    'The clock of this node is %.0f s %s that of the database. Let both follow the same time service.',
                    abs($skew),
                    $skew > 0 ? 'ahead of' : 'behind',
                ),
                $figures,
            )
            : Part::well('It agrees with the database’s.', $figures);
    }
}
