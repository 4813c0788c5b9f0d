<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Decision;
use App\Models\FrameFinding;
use App\Models\User;

/** What the instructor makes of a finding. An earlier wording or reason stays, so that taking it back loses nothing. */
final class DecideFinding
{
    /** @throws CritiquePublished */
    public function handle(
        FrameFinding $finding,
        User $instructor,
        Decision $decision,
        ?string $wording = null,
        ?string $dismissal = null,
    ): void {
        ChangeCritique::of(
            $finding->frame->attempt_id,
            'its findings can no longer change',
            fn (): bool => $finding->update([
                'decision' => $decision,
                'wording' => $wording ?? $finding->wording,
                'dismissal' => $decision === Decision::Dismissed ? $dismissal : $finding->dismissal,
                'decided_by' => $decision === Decision::Open ? null : $instructor->id,
            ]),
        );
    }
}
