<?php

declare(strict_types=1);

namespace App\Jobs;

use App\HandIn\ReadPicture;
use App\Workers\WaitForTheStore;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

final class ReadFrame implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Reading comes before judging: whoever has just sent a picture waits to mark it. */
    public const QUEUE = 'reading';

    /** Seconds; then a job that nobody has may be asked for again (TakeUp). */
    public int $uniqueFor = 900;

    public int $tries = WaitForTheStore::TRIES;

    /** Of what goes wrong with it; waiting for the store does not count. */
    public int $maxExceptions = 3;

    public int $timeout = 120;

    /** @var list<int> seconds */
    public array $backoff = [2, 10];

    public function __construct(public readonly int $frameId)
    {
    }

    /** @return list<object> */
    public function middleware(): array
    {
        return [new WaitForTheStore()];
    }

    public function uniqueId(): string
    {
        return (string) $this->frameId;
    }

    public function handle(ReadPicture $action): void
    {
        $action->handle($this->frameId);
    }

    public function failed(): void
    {
        app(ReadPicture::class)->giveUp($this->frameId);
    }
}
