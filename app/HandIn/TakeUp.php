<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\Frame;
use App\Models\FrameState;

/**
 * Asks again for what waits and of which the queue may know nothing, as when it went down between a frame and its job.
 * A job that is there already is not asked for twice (ShouldBeUnique).
 */
final readonly class TakeUp
{
    private const AFTER_SECONDS = 60;

    private const MOST = 500;

    public function __construct(private FrameQueue $queue)
    {
    }

    /** @return int how many were asked for */
    public function run(): int
    {
        $frames = Frame::query()
            ->whereIn('state', [FrameState::Reading, FrameState::Judging])
            ->where('updated_at', '<', now()->subSeconds(self::AFTER_SECONDS))
            ->orderBy('updated_at')
            ->limit(self::MOST)
            ->get(['id', 'state', 'revision']);
        foreach ($frames as $frame) {
            $frame->state === FrameState::Reading
                ? $this->queue->read($frame->id)
                : $this->queue->judge($frame->id, $frame->revision);
        }

        return $frames->count();
    }
}
