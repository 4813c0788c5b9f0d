<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Critique\FrameJudge;
use App\HandIn\PictureStore;
use App\Imaging\FrameMeasurer;
use App\Models\Frame;
use App\Models\FrameState;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;
use TruePupil\Core\Capture\UnreadablePicture;

/** Measures a prepared frame and judges it against its brief. */
final class JudgeFrame implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 150;

    /** @var list<int> seconds */
    public array $backoff = [2, 10];

    public function __construct(public readonly int $frameId, public readonly int $revision)
    {
    }

    public function handle(PictureStore $store, FrameMeasurer $measurer, FrameJudge $critic): void
    {
        $frame = Frame::query()
            ->with(['picture', 'attempt.setBrief.course'])
            ->find($this->frameId);
        if ($frame === null || $frame->revision !== $this->revision) {
            return;
        }
        try {
            $measures = $measurer->measure($store->original($frame->picture), $frame->marksDrawn());
        } catch (UnreadablePicture $problem) {
            $frame->update(['state' => FrameState::Refused, 'problem' => $problem->getMessage()]);

            return;
        }
        $critic->judge($frame, $measures, $this->revision);
    }

    public function failed(?Throwable $problem): void
    {
        Frame::query()
            ->whereKey($this->frameId)
            ->where('revision', $this->revision)
            ->update([
                'state' => FrameState::Ready,
                'problem' => 'The check could not be finished on our side. Your marks and words are kept; press '
                    .'"Check this frame" to try again.',
            ]);
    }
}
