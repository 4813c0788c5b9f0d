<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\AttemptStep;

/** Gives a handed-in attempt back to its student, as long as the instructor has not opened it. */
final class TakeBackAttempt
{
    /** @throws HandInRefused when it has been opened */
    public function handle(Attempt $attempt): void
    {
        LockedAttempt::change($attempt->id, function (Attempt $attempt): void {
            if ($attempt->state === AttemptState::Draft) {
                return;
            }
            $state =
                $attempt->state->after(AttemptStep::TakeBack) ??
                throw HandInRefused::because(
                    'The instructor has opened this attempt; it can no longer be taken back. The next attempt is '.
                        'yours when it has come back.',
                );
            $attempt->update(['state' => $state, 'handed_in_at' => null]);
        });
    }
}
