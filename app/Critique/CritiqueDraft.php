<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Attempt;

/** The message to the student and the suggestions chosen, as the instructor has them so far. */
final readonly class CritiqueDraft
{
    /** @param  array<int|string, ?int>  $suggestions  number of the chosen one by frame id */
    public function __construct(public ?string $summary, public array $suggestions)
    {
    }

    public function storeIn(Attempt $attempt): void
    {
        $attempt->update(['summary' => $this->summary]);
        foreach ($attempt->frames as $frame) {
            if (array_key_exists($frame->id, $this->suggestions)) {
                $frame->update(['chosen_suggestion' => $this->suggestions[$frame->id]]);
            }
        }
    }
}
