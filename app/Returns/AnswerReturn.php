<?php

declare(strict_types=1);

namespace App\Returns;

use App\HandIn\LockedAttempt;
use App\Models\Attempt;
use App\Models\AttemptStep;
use App\Models\Role;
use App\Notices\Answered;
use Illuminate\Support\Facades\Notification;

/** What a student says to a return: an answer, and whether the class may see the frames. */
final class AnswerReturn
{
    /** @param  ?string  $reply  null takes an earlier answer back */
    public function reply(Attempt $attempt, ?string $reply): void
    {
        LockedAttempt::change($attempt->id, function (Attempt $attempt) use ($reply): void {
            if ($attempt->state->allows(AttemptStep::Answer)) {
                $isNew = $reply !== null && $attempt->reply === null;
                $attempt->update(['reply' => $reply, 'replied_at' => $reply === null ? null : now()]);
                if ($isNew) {
                    Notification::send(
                        $attempt->setBrief->course->people(Role::Instructor)->get(),
                        new Answered($attempt),
                    );
                }
            }
        });
    }

    /** Its student may say so in any state. */
    public function allowShowing(Attempt $attempt, bool $mayShow): void
    {
        LockedAttempt::change($attempt->id, fn (Attempt $attempt): bool => $attempt->update(['may_show' => $mayShow]));
    }
}
