<?php

declare(strict_types=1);

namespace App\Critique;

use App\HandIn\LockedAttempt;
use App\Models\Attempt;
use App\Models\AttemptStep;

/** Opens a waiting attempt at the desk: from now on its student cannot take it back. A second time changes nothing. */
final class OpenAttempt
{
    public function handle(Attempt $attempt): void
    {
        LockedAttempt::change($attempt->id, function (Attempt $attempt): void {
            $state = $attempt->state->after(AttemptStep::Open);
            if ($state !== null) {
                $attempt->update(['state' => $state, 'opened_at' => now()]);
            }
        });
    }
}
