<?php

declare(strict_types=1);

namespace App\HandIn;

/** What is done with a frame later, by a worker. */
interface FrameQueue
{
    /** Asks for the record of a frame that has just arrived, and for its working copy. */
    public function read(int $frameId): void;

    /** Asks for a frame to be measured and judged as it is marked in this revision. */
    public function judge(int $frameId, int $revision): void;
}
