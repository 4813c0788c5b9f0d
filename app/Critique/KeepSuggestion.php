<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Frame;
use TruePupil\Core\Adviser\Suggestion;

/**
 * Lets a suggestion in the instructor's own values go with the return; StaleSuggestion where another was kept
 * meanwhile.
 */
final class KeepSuggestion
{
    /**
     * @param  ?string  $on  the mark of the one it was written over; null where that is not known
     *
     * @throws CritiquePublished
     */
    public function handle(Frame $frame, Suggestion $suggestion, ?string $on = null): void
    {
        ChangeCritique::of(
            $frame->attempt_id,
            'its suggestion can no longer change',
            function () use ($frame, $suggestion, $on): void {
                $frame->refresh();
                $there = $frame->instructor_suggestion;
                if ($there !== null && $on !== null && $on !== self::mark($frame)) {
                    throw new StaleSuggestion($there);
                }
                $frame->update([
                    'instructor_suggestion' => $suggestion,
                    'chosen_suggestion' => Frame::INSTRUCTOR_SUGGESTION,
                ]);
                $frame->refresh();
            },
        );
    }

    /** Tells what is kept now from what is kept at another time. */
    public static function mark(Frame $frame): string
    {
        return hash('xxh64', (string) $frame->getRawOriginal('instructor_suggestion'));
    }
}
