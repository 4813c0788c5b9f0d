<?php

declare(strict_types=1);

namespace App\Critique;

use App\HandIn\LockedAttempt;
use App\Models\Attempt;
use App\Models\AttemptStep;

/**
 * Takes a published return up again: what is decided and written from now on is its correction. Its student goes on
 * reading it, is told that it is being corrected, and hears when that is done.
 */
final class CorrectReturn
{
    /** @return bool false where there is no return to correct */
    public function handle(Attempt $attempt): bool
    {
        return LockedAttempt::change($attempt->id, function (Attempt $attempt): bool {
            if (! $attempt->state->allows(AttemptStep::Correct)) {
                return false;
            }

            return $attempt->update(['correcting_since' => $attempt->correcting_since ?? now()]);
        });
    }
}
