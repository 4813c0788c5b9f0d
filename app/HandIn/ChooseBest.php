<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\Attempt;
use App\Models\AttemptStep;
use App\Models\Frame;

/** Keeps which frame of an attempt its student holds for the best; what is said of the row is said anew. */
final readonly class ChooseBest
{
    public function __construct(private RequestJudging $judging)
    {
    }

    /** @throws HandInRefused when the attempt has been handed in */
    public function handle(Attempt $attempt, int $frame, string $reason, ?bool $wouldHang): void
    {
        LockedAttempt::change($attempt->id, function (Attempt $attempt) use ($frame, $reason, $wouldHang): void {
            if (! $attempt->state->allows(AttemptStep::Prepare)) {
                throw HandInRefused::because('This attempt has been handed in; the choice can no longer change.');
            }
            $attempt->update([
                'favourite_frame_id' => $frame,
                'favourite_reason' => $reason === '' ? null : $reason,
                'would_hang' => $wouldHang,
            ]);
            if ($attempt->wasChanged()) {
                $this->judging->ofRow($attempt, Frame::query()->findOrFail($frame)->row);
            }
        });
    }
}
