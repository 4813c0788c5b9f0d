<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Frame;
use TruePupil\Core\Adviser\Suggestion;

/** Lets a suggestion in the instructor's own values go with the return. */
final class KeepSuggestion
{
    /** @throws CritiquePublished */
    public function handle(Frame $frame, Suggestion $suggestion): void
    {
        ChangeCritique::of(
            $frame->attempt_id,
            'its suggestion can no longer change',
            fn (): bool => $frame->update([
                'instructor_suggestion' => $suggestion,
                'chosen_suggestion' => Frame::INSTRUCTOR_SUGGESTION,
            ]),
        );
    }
}
