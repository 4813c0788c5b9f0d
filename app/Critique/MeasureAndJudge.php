<?php

declare(strict_types=1);

namespace App\Critique;

use App\HandIn\PictureReadings;
use App\Models\Frame;
use App\Models\FrameState;
use TruePupil\Core\Capture\UnreadablePicture;
use TruePupil\Core\Seen\Seen;

/** Measures a prepared frame and judges it against its brief. */
final readonly class MeasureAndJudge
{
    public function __construct(
        private PictureReadings $readings,
        private FrameJudge $judge,
    ) {
    }

    /** @param  int  $revision  of the marks; newer ones have been asked for separately */
    public function handle(int $frameId, int $revision): void
    {
        $frame = Frame::query()
            ->with(['picture', 'attempt.setBrief.course'])
            ->find($frameId);
        if ($frame === null || $frame->revision !== $revision) {
            return;
        }
        try {
            $measures = $this->readings->measured($frame->picture)->with(
                $frame->marksDrawn(),
                $frame->seen ?? new Seen(),
            );
        } catch (UnreadablePicture $problem) {
            $frame->update(['state' => FrameState::Refused, 'problem' => $problem->getMessage()]);

            return;
        }
        $this->judge->judge($frame, $measures, $revision);
    }

    /** After every try has failed. */
    public function giveUp(int $frameId, int $revision): void
    {
        Frame::query()
            ->whereKey($frameId)
            ->where('revision', $revision)
            ->update([
                'state' => FrameState::Ready,
                'problem' => 'The check could not be finished on our side. Your marks and words are kept; press '.
                    '"Check this frame" to try again.',
            ]);
    }
}
