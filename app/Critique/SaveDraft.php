<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Attempt;

/** Saves what the instructor has written so far. */
final class SaveDraft
{
    /** @throws CritiquePublished */
    public function handle(Attempt $attempt, CritiqueDraft $draft): void
    {
        ChangeCritique::of($attempt->id, 'it can no longer change', $draft->storeIn(...));
    }
}
