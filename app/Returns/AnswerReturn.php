<?php

declare(strict_types=1);

namespace App\Returns;

use App\HandIn\LockedAttempt;
use App\Models\Attempt;
use App\Models\AttemptStep;

/** What a student says to a return: an answer, and whether the class may see the frames. */
final class AnswerReturn
{
    /** @param  ?string  $reply  null takes an earlier answer back */
    public function reply(Attempt $attempt, ?string $reply): void
    {
        LockedAttempt::change($attempt->id, function (Attempt $attempt) use ($reply): void {
            if ($attempt->state->allows(AttemptStep::Answer)) {
                $attempt->update(['reply' => $reply, 'replied_at' => $reply === null ? null : now()]);
            }
        });
    }

    /** Its student may say so in any state. */
    public function allowShowing(Attempt $attempt, bool $mayShow): void
    {
        LockedAttempt::change($attempt->id, fn (Attempt $attempt): bool => $attempt->update(['may_show' => $mayShow]));
    }
}
