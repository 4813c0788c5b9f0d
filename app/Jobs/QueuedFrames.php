<?php

declare(strict_types=1);

namespace App\Jobs;

use App\HandIn\FrameQueue;

/** Hands frames to the queue's workers. */
final class QueuedFrames implements FrameQueue
{
    public function read(int $frameId): void
    {
        ReadFrame::dispatch($frameId)->onQueue(ReadFrame::QUEUE);
    }

    public function judge(int $frameId, int $revision): void
    {
        JudgeFrame::dispatch($frameId, $revision);
    }
}
