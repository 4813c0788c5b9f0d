<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Practice\DevelopFrame;
use App\Workers\WaitForTheStore;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

final class DevelopRollFrame implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Seconds; then a job that nobody has may be asked for again (TakeUp). */
    public int $uniqueFor = 900;

    public int $tries = WaitForTheStore::TRIES;

    /** Of what goes wrong with it; waiting for the store does not count. */
    public int $maxExceptions = 2;

    public int $timeout = 120;

    public function __construct(public readonly int $rollFrameId)
    {
    }

    /** @return list<object> */
    public function middleware(): array
    {
        return [new WaitForTheStore()];
    }

    public function uniqueId(): string
    {
        return (string) $this->rollFrameId;
    }

    public function handle(DevelopFrame $action): void
    {
        $action->handle($this->rollFrameId);
    }

    public function failed(): void
    {
        app(DevelopFrame::class)->giveUp($this->rollFrameId);
    }
}
