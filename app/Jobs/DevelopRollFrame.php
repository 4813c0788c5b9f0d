<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Imaging\AtomicFile;
use App\Models\PracticeShot;
use App\Models\RollFrame;
use App\Models\RollState;
use App\Practice\Roll;
use App\Practice\Shutter;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use InvalidArgumentException;
use Throwable;

/** Makes the file of a frame that was taken in the finder. */
final class DevelopRollFrame implements ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    public int $timeout = 120;

    public function __construct(public readonly int $rollFrameId)
    {
    }

    public function handle(Roll $roll, Shutter $shutter): void
    {
        $frame = RollFrame::query()->with('user')->find($this->rollFrameId);
        if ($frame === null || $frame->state !== RollState::Developing) {
            return;
        }
        try {
            $shot = $roll->shot($frame);
        } catch (InvalidArgumentException $problem) {
            $frame->update(['state' => RollState::Failed, 'problem' => $problem->getMessage()]);

            return;
        }
        AtomicFile::write($frame->path(), fn (string $partial) => $shutter->press($shot, $partial));
        PracticeShot::remember($frame->path(), $shot);
        $frame->update(['state' => RollState::Ready]);
    }

    public function failed(?Throwable $problem): void
    {
        RollFrame::query()
            ->whereKey($this->rollFrameId)
            ->update([
                'state' => RollState::Failed,
                'problem' => 'The frame was taken, but its file could not be made. Its settings are kept: take it '
                    .'again from them.',
            ]);
    }
}
