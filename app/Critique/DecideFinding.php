<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Decision;
use App\Models\FrameFinding;
use App\Models\User;

/**
 * What the instructor makes of a finding. An earlier wording or reason stays, so that taking it back loses nothing.
 * Where somebody else has decided meanwhile, StaleFinding is thrown.
 */
final class DecideFinding
{
    /**
     * @param  ?int  $revision  of the finding that was decided on; null where that is not known
     *
     * @throws CritiquePublished
     */
    public function handle(
        FrameFinding $finding,
        User $instructor,
        Decision $decision,
        ?string $wording = null,
        ?string $dismissal = null,
        ?int $revision = null,
    ): void {
        ChangeCritique::of(
            $finding->frame->attempt_id,
            'its findings can no longer change',
            function () use ($finding, $instructor, $decision, $wording, $dismissal, $revision): void {
                $now = $finding->fresh() ?? $finding;
                $isSame = $now->decision === $decision && ($wording === null || $wording === $now->wording);
                if ($revision !== null && $revision !== $now->revision && ! $isSame) {
                    throw new StaleFinding($now);
                }
                $finding->update([
                    'revision' => $now->revision + 1,
                    'decision' => $decision,
                    'wording' => $wording ?? $finding->wording,
                    'dismissal' => $decision === Decision::Dismissed ? $dismissal : $finding->dismissal,
                    'decided_by' => $decision === Decision::Open ? null : $instructor->id,
                ]);
            },
        );
    }
}
