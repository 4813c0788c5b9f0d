<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\Attempt;
use App\Models\AttemptStep;
use App\Models\Frame;

/** Takes a frame out of an attempt that is still being prepared. */
final readonly class RemoveFrame
{
    public function __construct(private RequestJudging $judging, private UnusedPictures $unused)
    {
    }

    /** @throws HandInRefused when it has been handed in */
    public function handle(Frame $frame): void
    {
        LockedAttempt::change($frame->attempt_id, function (Attempt $attempt) use ($frame): void {
            if (! $attempt->state->allows(AttemptStep::Prepare)) {
                throw HandInRefused::because('This attempt has been handed in; its frames can no longer change.');
            }
            $row = $frame->row;
            $frame->delete();
            $this->unused->forget([$frame->picture_id]);
            $this->judging->ofRow($attempt, $row);
        });
    }
}
