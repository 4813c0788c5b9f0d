<?php

declare(strict_types=1);

namespace App\Watch;

use App\Workers\NodePresence;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/** Workers, what waits for them, what failed, and what is due by the clock. */
final readonly class QueueParts
{
    private const SCHEDULER_SECONDS = 180;

    public function workers(): Part
    {
        $nodes = NodePresence::present();
        $figures = [
            'nodes' => count($nodes),
            'workers' => array_sum(array_column($nodes, 'workers')),
            'busy' => array_sum(array_column($nodes, 'busy')),
        ];
        $off = array_filter($nodes, fn (array $node): bool => abs($node['skew']) > 5);

        return match (true) {
            $nodes === [] => Part::wrong('No worker is there: what is handed in is kept and waits.', $figures),
            $off !== [] => Part::wrong(
                'The clock of '.implode(', ', array_column($off, 'name')).' does not agree with the database’s.',
                $figures,
            ),
            default => Part::well(
                sprintf('%d on %d nodes, %d of them busy.', $figures['workers'], count($nodes), $figures['busy']),
                $figures,
            ),
        };
    }

    public function waiting(): Part
    {
        $figures = ['waiting' => 0, 'oldest_seconds' => 0];
        foreach ((array) config('queue.order') as $queue) {
            // Delayed ones wait on purpose.
            $figures['waiting'] += Queue::connection()->pendingSize($queue);
            $oldest = Queue::connection()->creationTimeOfOldestPendingJob($queue);
            $figures['oldest_seconds'] = max(
                $figures['oldest_seconds'],
                $oldest === null ? 0 : now()->getTimestamp() - $oldest,
            );
        }

        return $figures['oldest_seconds'] > (int) config('pupil.watch.queue_seconds')
            ? Part::wrong(
                sprintf('The oldest job has waited for %d s.', $figures['oldest_seconds']),
                $figures,
            )
            : Part::well(sprintf('%d jobs wait.', $figures['waiting']), $figures);
    }

    public function failed(): Part
    {
        $count = DB::connection('primary')->table('failed_jobs')->count();

        return $count === 0
            ? Part::well('There are none.', ['failed' => 0])
            : Part::wrong(
                sprintf('%d could not be done: /operator shows them and tries them again.', $count),
                ['failed' => $count],
            );
    }

    public function scheduler(): Part
    {
        $seconds = ServiceEvent::age(ServiceEvent::SCHEDULER);

        return $seconds === null || $seconds > self::SCHEDULER_SECONDS
            ? Part::wrong('It has not run lately: nothing is cleaned, and nobody is reminded.')
            : Part::well('It runs.', ['seconds' => $seconds]);
    }

    /** Watched where somebody has said how old one may be. */
    public function backup(): ?Part
    {
        $hours = (int) config('pupil.watch.backup_hours');
        if ($hours === 0) {
            return null;
        }
        $seconds = ServiceEvent::age(ServiceEvent::BACKUP);

        return match (true) {
            $seconds === null => Part::wrong('There is none yet.'),
            $seconds > 3600 * $hours => Part::wrong(
                sprintf('The last one is %d hours old.', intdiv($seconds, 3600)),
                ['seconds' => $seconds],
            ),
            default => Part::well('It is fresh.', ['seconds' => $seconds]),
        };
    }
}
