<?php

declare(strict_types=1);

namespace App\Critique;

use App\HandIn\LockedAttempt;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\AttemptStep;
use App\Models\Decision;
use App\Models\FrameFinding;
use App\Models\FrameState;
use App\Models\User;
use App\Notices\Corrected;
use App\Notices\Returned;
use App\Trail\Trail;
use App\Trail\TrailEvent;

/** Publishes a critique, or its correction: from now on its student reads it. A second time changes nothing. */
final class PublishCritique
{
    /**
     * @param  ?User  $by  whoever publishes
     *
     * @throws StillJudging when a frame is being judged
     */
    public function handle(Attempt $attempt, CritiqueDraft $draft, ?User $by = null): void
    {
        LockedAttempt::change($attempt->id, function (Attempt $attempt) use ($draft, $by): void {
            if (! $attempt->allows(AttemptStep::Publish)) {
                return;
            }
            if ($attempt->frames()->where('state', FrameState::Judging)->exists()) {
                throw StillJudging::aFrame();
            }
            $draft->storeIn($attempt);
            // What nobody decided on is the program's word alone: it goes out only where the course says so.
            if ($attempt->setBrief->course->sends_undecided) {
                FrameFinding::undecided($attempt)->update(['decision' => Decision::Accepted]);
            }
            $isCorrection = $attempt->correcting_since !== null;
            if ($isCorrection) {
                $attempt->update(['correcting_since' => null, 'corrected_at' => now()]);
                $attempt->user->notify(new Corrected($attempt));
            } else {
                $attempt->update(['state' => AttemptState::Returned, 'returned_at' => now()]);
                // Told once it can no longer be taken back.
                $attempt->user->notify(
                    (new Returned($attempt))->delay(now()->addSeconds(RecallCritique::WITHIN + 1)),
                );
            }
            Trail::note(
                $attempt->setBrief->course,
                $by,
                $isCorrection ? TrailEvent::Corrected : TrailEvent::Published,
                $attempt->content()->words->title,
                $attempt->user,
            );
        });
    }
}
