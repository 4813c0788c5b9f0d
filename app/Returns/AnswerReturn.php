<?php

declare(strict_types=1);

namespace App\Returns;

use App\HandIn\LockedAttempt;
use App\Models\Attempt;
use App\Models\AttemptStep;
use App\Models\Role;
use App\Models\User;
use App\Notices\Answered;
use App\Notices\AnswerRead;
use Illuminate\Support\Facades\Notification;

/** What is said to a return: the student's answer and what comes back to it, and whether the class may see frames. */
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

    /**
     * What whoever teaches says to the student's answer.
     *
     * @param  ?string  $answer  null takes an earlier one back
     */
    public function answer(Attempt $attempt, User $by, ?string $answer): void
    {
        LockedAttempt::change($attempt->id, function (Attempt $attempt) use ($by, $answer): void {
            if ($attempt->reply === null || ! $attempt->state->allows(AttemptStep::Answer)) {
                return;
            }
            $attempt->update([
                'answer' => $answer,
                'answered_at' => $answer === null ? null : now(),
                'answered_by' => $answer === null ? null : $by->id,
            ]);
            if ($answer !== null) {
                $attempt->user->notify(new AnswerRead($attempt, $by));
            }
        });
    }

    /** Its student may say so in any state. */
    public function allowShowing(Attempt $attempt, bool $mayShow): void
    {
        LockedAttempt::change($attempt->id, fn (Attempt $attempt): bool => $attempt->update(['may_show' => $mayShow]));
    }
}
