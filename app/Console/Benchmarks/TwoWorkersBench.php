<?php

declare(strict_types=1);

namespace App\Console\Benchmarks;

use RuntimeException;
use Symfony\Component\Process\Process;

/** How many frames two workers get through together: two processes, started as bin/serve starts its worker. */
final class TwoWorkersBench
{
    /** @return float frames a second */
    public function throughput(string $picture, int $frames): float
    {
        $workers = array_map(
            fn (int $number): Process => new Process(
                [
                    base_path('bin/lib/worker-php'),
                    base_path('artisan'),
                    'pupil:bench',
                    '--worker='.$picture,
                    '--runs='.$frames,
                ],
                timeout: 600,
            ),
            [1, 2],
        );
        foreach ($workers as $worker) {
            $worker->start();
        }
        $seconds = array_map(function (Process $worker): float {
            $worker->wait();

            return is_numeric($said = trim($worker->getOutput()))
                ? (float) $said
                : throw new RuntimeException('A worker of the bench failed: '.$worker->getErrorOutput().$said);
        }, $workers);

        return (2 * $frames) / max($seconds);
    }
}
