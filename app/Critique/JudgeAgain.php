<?php

declare(strict_types=1);

namespace App\Critique;

use App\HandIn\LockedAttempt;
use App\HandIn\RequestJudging;
use App\Models\Attempt;
use App\Models\AttemptStep;
use App\Models\Frame;
use App\Models\FrameState;

/** Asks once more for a check that failed on our side after the hand-in; the student can no longer do it. */
final readonly class JudgeAgain
{
    public function __construct(private RequestJudging $judging)
    {
    }

    /** @return bool false where there is none to repeat */
    public function handle(Frame $frame): bool
    {
        // Locked, so that a second click finds it under way.
        return LockedAttempt::change($frame->attempt_id, function (Attempt $attempt) use ($frame): bool {
            $frame->refresh();
            if ($frame->state !== FrameState::Ready || ! $attempt->allows(AttemptStep::Critique)) {
                return false;
            }
            $this->judging->of($frame, ['problem' => null]);

            return true;
        });
    }
}
