<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\Attempt;
use App\Models\AttemptStep;
use App\Models\Frame;
use App\Models\FrameState;

/** Hands an attempt in. A second time changes nothing. */
final class SubmitAttempt
{
    /**
     * @param  ?bool  $mayShow  whether its frames may be shown to the class; null: as it was
     *
     * @throws HandInRefused when the brief is not open, or a frame is missing, still being read or has no subject
     */
    public function handle(Attempt $attempt, ?bool $mayShow = null): void
    {
        LockedAttempt::change($attempt->id, function (Attempt $attempt) use ($mayShow): void {
            $state = $attempt->state->after(AttemptStep::HandIn);
            if ($state === null) {
                return;
            }
            $closed = $attempt->setBrief->whyNotNow($attempt->user);
            if ($closed !== null) {
                throw HandInRefused::because($closed.' Your frames are kept as they are.');
            }
            if ($attempt->frames->isEmpty()) {
                throw HandInRefused::because('There is no frame yet. Choose a picture first.');
            }
            foreach ($attempt->frames as $frame) {
                // Marked and still being checked is enough: a deadline does not wait for a queue.
                if (! in_array($frame->state, [FrameState::Judged, FrameState::Judging], true)) {
                    throw HandInRefused::because($this->missing($frame, $attempt->frames->count() === 1));
                }
            }
            $attempt->update([
                'state' => $state,
                'handed_in_at' => now(),
                'may_show' => $mayShow ?? $attempt->may_show,
            ]);
            // Asked for once: the first choice is what is offered from then on.
            if ($mayShow !== null && $attempt->user->shows_frames === null) {
                $attempt->user->update(['shows_frames' => $mayShow]);
            }
        });
    }

    private function missing(Frame $frame, bool $isOnly): string
    {
        return match (true) {
            $frame->state->isBusy() => sprintf(
                '"%s" is still being read. Wait a moment and hand in again.',
                $frame->original_name,
            ),
            $frame->state === FrameState::Refused => sprintf(
                '"%s" could not be read. Remove it, or send another in its place.',
                $frame->original_name,
            ),
            $isOnly => 'Mark the subject and check the frame before you hand it in.',
            default => sprintf('Mark the subject of "%s" and check it before you hand in.', $frame->original_name),
        };
    }
}
