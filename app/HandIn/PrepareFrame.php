<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\Attempt;
use App\Models\AttemptStep;
use App\Models\Frame;
use App\Models\FrameState;
use TruePupil\Core\Capture\StatedFields;

/** Keeps what a student says of a frame, and asks for the frame to be judged with it. */
final readonly class PrepareFrame
{
    public function __construct(private RequestJudging $judging)
    {
    }

    /** @throws HandInRefused when the attempt has been handed in, or the picture is refused or not read yet */
    public function handle(Frame $frame, PreparedFrame $prepared): void
    {
        // Locked, so that marks cannot slip in behind a hand-in from another tab.
        LockedAttempt::change($frame->attempt_id, function (Attempt $attempt) use ($frame, $prepared): void {
            if (! $attempt->state->allows(AttemptStep::Prepare)) {
                throw HandInRefused::because('This attempt has been handed in; its marks can no longer change.');
            }
            if ($frame->tags === null || $frame->state === FrameState::Refused) {
                throw HandInRefused::because(
                    'The picture has not been read, so it cannot be checked. Wait a moment, or choose another picture.',
                );
            }
            $this->judging->of($frame, $prepared->toColumns());
        });
    }

    /**
     * The same marks and words for every frame of the row that this one belongs to: they are of one scene. Those that
     * are still being read keep them, and are judged by them as soon as they are read.
     *
     * @throws HandInRefused as for one frame
     */
    public function ofRow(Frame $frame, PreparedFrame $prepared): void
    {
        $this->handle($frame, $prepared);
        $others = Frame::query()
            ->where('attempt_id', $frame->attempt_id)
            ->where('row', $frame->row)
            ->whereKeyNot($frame->id)
            ->where('state', '!=', FrameState::Refused)
            ->get();
        foreach ($others as $other) {
            // What is recorded differs from frame to frame and stays each frame's own; what held the camera does not.
            $own = $other->stated ?? new StatedFields();
            $stated = $prepared->stated->support === null ? $own : $own->supportedBy($prepared->stated->support);
            $this->handleSoon($other, $prepared->withStated($stated, $other->seen));
        }
    }

    private function handleSoon(Frame $frame, PreparedFrame $prepared): void
    {
        $isDone = LockedAttempt::change($frame->attempt_id, function (Attempt $attempt) use ($frame, $prepared): bool {
            $frame->refresh();
            $isBeingRead = $frame->state === FrameState::Reading && $attempt->state->allows(AttemptStep::Prepare);
            if ($isBeingRead) {
                $frame->update($prepared->toColumns());
            }

            // One that turned out to be unreadable in this moment is no longer of the row.
            return $isBeingRead || $frame->state === FrameState::Refused;
        });
        if (! $isDone) {
            $this->handle($frame, $prepared);
        }
    }
}
