<?php

declare(strict_types=1);

namespace App\Jobs;

use App\HandIn\PictureStore;
use App\HandIn\WorkingCopies;
use App\Imaging\FileRecordReader;
use App\Imaging\PictureTags;
use App\Models\Frame;
use App\Models\FrameState;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;
use TruePupil\Core\Capture\UnreadablePicture;

/** Reads the record of a frame that has just arrived and makes its working copy. */
final class ReadFrame implements ShouldQueue
{
    use Queueable;

    /** Reading comes before judging: whoever has just sent a picture waits to mark it. */
    public const QUEUE = 'reading';

    public int $tries = 3;

    public int $timeout = 120;

    /** @var list<int> seconds */
    public array $backoff = [2, 10];

    public function __construct(public readonly int $frameId)
    {
    }

    public function handle(
        PictureStore $store,
        PictureTags $tags,
        FileRecordReader $reader,
        WorkingCopies $copies,
    ): void {
        $frame = Frame::query()->with('picture')->find($this->frameId);
        if ($frame === null || $frame->state !== FrameState::Reading) {
            return;
        }
        $original = $store->original($frame->picture);
        try {
            // The record is read while the pixels are.
            $record = $tags->begin($original);
            $copies->path($frame->picture);
            $found = $record();
        } catch (UnreadablePicture $problem) {
            $frame->update(['state' => FrameState::Refused, 'problem' => $problem->getMessage()]);

            return;
        }
        $picture = $reader->fromTags($found);
        $frame->update([
            'tags' => $found,
            'width' => $picture->width,
            'height' => $picture->height,
            'state' => FrameState::Ready,
        ]);
    }

    public function failed(?Throwable $problem): void
    {
        Frame::query()
            ->whereKey($this->frameId)
            ->update([
                'state' => FrameState::Refused,
                'problem' => 'The picture arrived and is kept, but reading it failed three times on our side. Tell '
                    .'whoever runs this installation; handing the same file in again will try once more.',
            ]);
    }
}
