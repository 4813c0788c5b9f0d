<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Attempt;

/** Saves what the instructor has written so far; StaleSummary where somebody else has changed it meanwhile. */
final class SaveDraft
{
    /**
     * @return int the revision of the message as it is now
     *
     * @throws CritiquePublished
     */
    public function handle(Attempt $attempt, CritiqueDraft $draft): int
    {
        return ChangeCritique::of(
            $attempt->id,
            'it can no longer change',
            fn (Attempt $attempt): int => self::store($attempt, $draft),
        );
    }

    /** @throws StaleSummary */
    public static function store(Attempt $attempt, CritiqueDraft $draft): int
    {
        KeepSummary::of($attempt, $draft);
        foreach ($attempt->frames as $frame) {
            if (array_key_exists($frame->id, $draft->suggestions)) {
                $frame->update(['chosen_suggestion' => $draft->suggestions[$frame->id]]);
            }
        }

        return $attempt->summary_revision;
    }
}
