<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\AtomicFile;
use App\Models\RollFrame;
use App\Models\RollState;
use Illuminate\Support\Facades\File;
use InvalidArgumentException;

/** Makes the file of a frame that was taken in the finder. */
final readonly class DevelopFrame
{
    public function __construct(private Roll $roll, private Shutter $shutter, private RollPictures $pictures)
    {
    }

    public function handle(int $rollFrameId): void
    {
        $frame = RollFrame::query()->with('user')->find($rollFrameId);
        if ($frame === null || $frame->state !== RollState::Developing) {
            return;
        }
        try {
            $shot = $this->roll->shot($frame);
        } catch (InvalidArgumentException $problem) {
            $frame->update(['state' => RollState::Failed, 'problem' => $problem->getMessage()]);

            return;
        }
        $made = storage_path('scratch/developing-'.$frame->token.'-'.bin2hex(random_bytes(6)));
        $raw = $frame->quality()->hasRaw() ? $made.'.dng' : null;
        try {
            AtomicFile::makeFolder(dirname($made));
            $this->shutter->press($shot, $made.'.jpg', $raw);
            foreach (array_filter([$made.'.jpg', $raw]) as $file) {
                ShotNote::remember($file, $shot);
                $this->pictures->put($frame, $file, $file === $raw);
            }
        } finally {
            File::delete([$made.'.jpg', $made.'.dng']);
        }
        $frame->update(['state' => RollState::Ready]);
    }

    /** After every try has failed. */
    public function giveUp(int $rollFrameId): void
    {
        RollFrame::query()
            ->whereKey($rollFrameId)
            ->update([
                'state' => RollState::Failed,
                'problem' => 'The frame was taken, but its file could not be made. Its settings are kept: take it '.
                    'again from them.',
            ]);
    }
}
