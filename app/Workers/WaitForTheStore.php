<?php

declare(strict_types=1);

namespace App\Workers;

use App\Imaging\StoreAway;
use Closure;
use Illuminate\Contracts\Queue\Job;
use Illuminate\Queue\Jobs\SyncJob;

/** A store that is away is no fault of the picture's: its job waits, longer each time, and is not given up for it. */
final readonly class WaitForTheStore
{
    /** With the longest wait between them they outlast a quarter of an hour. */
    public const TRIES = 12;

    private const FIRST_SECONDS = 10;

    private const LONGEST_SECONDS = 120;

    /** @param  object  $job  that uses the framework's Queueable */
    public function handle(object $job, Closure $next): void
    {
        try {
            $next($job);
        } catch (StoreAway $problem) {
            $queued = $job->job ?? null;
            if (! $queued instanceof Job || $queued instanceof SyncJob || $queued->attempts() >= self::TRIES) {
                throw $problem;
            }
            $queued->release(min(self::LONGEST_SECONDS, self::FIRST_SECONDS * 2 ** ($queued->attempts() - 1)));
        }
    }
}
