<?php

declare(strict_types=1);

namespace App\Critique;

use App\HandIn\LockedAttempt;
use App\Models\Attempt;
use App\Models\AttemptStep;
use App\Models\User;
use App\Trail\Trail;
use App\Trail\TrailEvent;

/** Takes a critique back that was published a moment ago: its student is told only after that moment. */
final class RecallCritique
{
    /** Seconds. */
    public const WITHIN = 60;

    /** @return bool false where it is too late: the moment is over, or its student has gone on from it */
    public function handle(Attempt $attempt, User $instructor): bool
    {
        return LockedAttempt::change($attempt->id, function (Attempt $attempt) use ($instructor): bool {
            $state = $attempt->state->after(AttemptStep::Recall);
            if (
                $state === null ||
                $attempt->reply !== null ||
                $attempt->returned_at?->lessThan(now()->subSeconds(self::WITHIN)) !== false ||
                self::hasGoneOn($attempt)
            ) {
                return false;
            }
            $attempt->update(['state' => $state, 'returned_at' => null]);
            Trail::note(
                $attempt->setBrief->course,
                $instructor,
                TrailEvent::Recalled,
                $attempt->content()->words->title,
                $attempt->user,
            );

            return true;
        });
    }

    private static function hasGoneOn(Attempt $attempt): bool
    {
        return Attempt::query()
            ->where('set_brief_id', $attempt->set_brief_id)
            ->where('user_id', $attempt->user_id)
            ->where('number', '>', $attempt->number)
            ->exists();
    }
}
