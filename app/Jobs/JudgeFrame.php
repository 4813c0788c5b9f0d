<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Critique\MeasureAndJudge;
use App\Workers\WaitForTheStore;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

final class JudgeFrame implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Seconds; then a job that nobody has may be asked for again (TakeUp). */
    public int $uniqueFor = 900;

    public int $tries = WaitForTheStore::TRIES;

    /** Of what goes wrong with it; waiting for the store does not count. */
    public int $maxExceptions = 3;

    public int $timeout = 150;

    /** @var list<int> seconds */
    public array $backoff = [2, 10];

    public function __construct(public readonly int $frameId, public readonly int $revision)
    {
    }

    /** @return list<object> */
    public function middleware(): array
    {
        return [new WaitForTheStore()];
    }

    public function uniqueId(): string
    {
        return $this->frameId.'-'.$this->revision;
    }

    public function handle(MeasureAndJudge $action): void
    {
        $action->handle($this->frameId, $this->revision);
    }

    public function failed(): void
    {
        app(MeasureAndJudge::class)->giveUp($this->frameId, $this->revision);
    }
}
