<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\Attempt;
use App\Models\Frame;
use App\Models\FrameState;

/** Marks a frame as waiting to be judged, in a new revision, and asks for it. */
final readonly class RequestJudging
{
    public function __construct(private FrameQueue $queue)
    {
    }

    /** @param  array<string, mixed>  $changes  by column, stored with it */
    public function of(Frame $frame, array $changes = []): void
    {
        $frame->fill([...$changes, 'state' => FrameState::Judging, 'revision' => $frame->revision + 1])->save();
        $this->queue->judge($frame->id, $frame->revision);
    }

    /** What is said of a row is said anew when one of its frames is gone. */
    public function ofRow(Attempt $attempt, ?string $row): void
    {
        if ($attempt->content()->rows() === []) {
            return;
        }
        foreach ($attempt->frames()->where('row', $row)->where('state', FrameState::Judged)->get() as $frame) {
            $this->of($frame);
        }
    }
}
