<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Frame;
use App\Models\User;
use App\Models\WhatIf;
use TruePupil\Core\WhatIf\Recipe;

/** Keeps how a frame would look otherwise with its critique, and takes it away again. */
final class KeepWhatIf
{
    /**
     * @param  ?string  $title  what the steps are called where there is none
     *
     * @throws CritiquePublished
     */
    public function handle(Frame $frame, User $author, Recipe $recipe, ?string $title): void
    {
        ChangeCritique::of($frame->attempt_id, 'nothing can be added', function () use (
            $frame,
            $author,
            $recipe,
            $title,
        ): void {
            $whatIf = new WhatIf([
                'frame_id' => $frame->id,
                'author_id' => $author->id,
                'recipe' => $recipe->toArray(),
            ]);
            $whatIf->title = $title ?? ucfirst($whatIf->stepsInWords());
            $whatIf->save();
        });
    }

    /** @throws CritiquePublished */
    public function remove(WhatIf $whatIf): void
    {
        ChangeCritique::of($whatIf->frame->attempt_id, 'nothing can be taken away', fn (): ?bool => $whatIf->delete());
    }
}
