<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Practice\RollQueue;

/** Hands frames of a roll to the queue's workers. */
final class QueuedRoll implements RollQueue
{
    public function develop(int $rollFrameId): void
    {
        DevelopRollFrame::dispatch($rollFrameId);
    }
}
