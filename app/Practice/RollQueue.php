<?php

declare(strict_types=1);

namespace App\Practice;

/** What is done with a frame of a roll later, by a worker. */
interface RollQueue
{
    /** Asks for the file of a frame that was taken in the finder. */
    public function develop(int $rollFrameId): void;
}
