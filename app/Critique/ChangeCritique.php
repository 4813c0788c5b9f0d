<?php

declare(strict_types=1);

namespace App\Critique;

use App\HandIn\LockedAttempt;
use App\Models\Attempt;
use App\Models\AttemptStep;
use Closure;

/** Changes something of a critique as long as it is not published, with the attempt locked. */
final class ChangeCritique
{
    /**
     * @template T
     *
     * @param  string  $otherwise  what is not possible once it is published: "no note can be added" …
     * @param  Closure(Attempt): T  $change
     * @return T
     *
     * @throws CritiquePublished
     */
    public static function of(int $attemptId, string $otherwise, Closure $change): mixed
    {
        return LockedAttempt::change($attemptId, function (Attempt $attempt) use ($otherwise, $change): mixed {
            if (! $attempt->allows(AttemptStep::Critique)) {
                throw CritiquePublished::so($otherwise);
            }

            return $change($attempt);
        });
    }
}
