<?php

declare(strict_types=1);

namespace App\Workers;

use Illuminate\Contracts\Queue\Job;
use Illuminate\Queue\Jobs\DatabaseJob;
use Illuminate\Queue\Jobs\RedisJob;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Redis;

/**
 * A job that a worker is at. The queue gives it to another when its time runs out (retry_after of its connection), so
 * that its time is prolonged while the worker lives, and ended when it is known to be dead.
 */
final readonly class Lease
{
    /** @param  string  $mark  of this try: the number of tries in the database, the entry itself in Redis */
    private function __construct(
        private string $connection,
        private string $queue,
        private string $id,
        private string $mark,
    ) {
    }

    public static function of(Job $job): ?self
    {
        return match (true) {
            $job instanceof DatabaseJob => new self(
                $job->getConnectionName(),
                $job->getQueue(),
                (string) $job->getJobId(),
                (string) $job->attempts(),
            ),
            $job instanceof RedisJob => new self(
                $job->getConnectionName(),
                $job->getQueue(),
                (string) $job->getJobId(),
                $job->getReservedJob(),
            ),
            default => null,
        };
    }

    public static function read(string $line): ?self
    {
        $parts = json_decode($line, true);

        return is_array($parts) && count($parts) === 4 ? new self(...array_map(strval(...), $parts)) : null;
    }

    public function write(): string
    {
        return json_encode(
            [$this->connection, $this->queue, $this->id, $this->mark],
            JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }

    /** The worker is at it: from now on as long as the queue waits. */
    public function renew(): void
    {
        $this->until(now()->getTimestamp() + (int) $this->config('retry_after'));
    }

    /** The worker is dead: somebody else may take it at once. */
    public function end(): void
    {
        $this->until(now()->getTimestamp() - 1);
    }

    /** Nothing changes where the job is done, or somebody else's by now. */
    private function until(int $time): void
    {
        if ($this->config('driver') === 'redis') {
            Redis::connection($this->config('connection'))->command(
                'zadd',
                ['queues:'.$this->queue.':reserved', 'XX', $time, $this->mark],
            );

            return;
        }
        DB::connection($this->config('connection'))
            ->table((string) $this->config('table'))
            ->where('id', $this->id)
            ->where('attempts', (int) $this->mark)
            ->whereNotNull('reserved_at')
            ->update(['reserved_at' => $time - (int) $this->config('retry_after')]);
    }

    private function config(string $name): mixed
    {
        return config('queue.connections.'.$this->connection.'.'.$name);
    }
}
