<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Practice\DevelopFrame;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

final class DevelopRollFrame implements ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    public int $timeout = 120;

    public function __construct(public readonly int $rollFrameId)
    {
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
