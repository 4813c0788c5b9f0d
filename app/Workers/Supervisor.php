<?php

declare(strict_types=1);

namespace App\Workers;

use Closure;
use Illuminate\Support\Facades\Log;
use Throwable;

/**
 * Keeps the workers of a node running: starts them again when they end, prolongs the jobs that they are at, gives back
 * those of the dead, and says every few seconds that the node is there.
 */
final class Supervisor
{
    private const TURN_MICROSECONDS = 250_000;

    private const RENEW_SECONDS = 4;

    /** After an accident, so that a worker that cannot start does not spin. */
    private const REST_SECONDS = 1;

    /** As long as the longest job may take, and a little. */
    private const STOP_SECONDS = 170;

    /** @var array<int, Child> */
    private array $children = [];

    /** @var array<int, int> seconds before which a place stays empty */
    private array $rests = [];

    private ?int $stopping = null;

    /** @param  list<string>  $command  of a worker */
    public function __construct(
        private readonly array $command,
        private readonly int $workers,
        private readonly string $log,
        private readonly NodePresence $presence,
    ) {
    }

    /** Until it is asked to stop and the last job is done. */
    public function run(): void
    {
        $renewed = 0;
        do {
            $this->keepRunning();
            if (time() - $renewed >= self::RENEW_SECONDS) {
                $renewed = time();
                $this->renew();
            }
            usleep(self::TURN_MICROSECONDS);
        } while ($this->stopping === null || $this->children !== []);
        $this->quietly(fn () => $this->presence->leave());
    }

    public function stop(): void
    {
        if ($this->stopping === null) {
            $this->stopping = time();
            foreach ($this->children as $child) {
                $child->ask();
            }
        }
    }

    private function keepRunning(): void
    {
        for ($place = 0; $place < $this->workers; $place++) {
            $child = $this->children[$place] ?? null;
            if ($child !== null && $child->isRunning()) {
                $child->lease();
                if ($this->stopping !== null && time() - $this->stopping > self::STOP_SECONDS) {
                    $child->kill();
                }

                continue;
            }
            if ($child !== null) {
                $this->buried($place, $child);
            }
            if ($this->stopping === null && time() >= ($this->rests[$place] ?? 0)) {
                $this->children[$place] = Child::start($this->command, $this->log);
            }
        }
    }

    /** What it was at when it died is somebody else's. */
    private function buried(int $place, Child $child): void
    {
        $lease = $child->lease();
        unset($this->children[$place]);
        $this->rests[$place] = time() + self::REST_SECONDS;
        if ($lease !== null) {
            Log::warning('A worker died at a job, which is given to another');
            $this->quietly(fn () => $lease->end());
        }
    }

    private function renew(): void
    {
        $busy = 0;
        foreach ($this->children as $child) {
            $lease = $child->lease();
            if ($lease !== null) {
                $busy++;
                $this->quietly(fn () => $lease->renew());
            }
        }
        $this->quietly(fn () => $this->presence->tell($this->workers, $busy));
    }

    /** A database that is away for a moment ends no work. */
    private function quietly(Closure $work): void
    {
        try {
            $work();
        } catch (Throwable $problem) {
            Log::warning('The supervisor of the workers could not reach a part of the service', [
                'kind' => $problem::class,
            ]);
        }
    }
}
