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
use App\Notices\Corrected;
use App\Notices\Returned;
use App\Trail\Trail;
use App\Trail\TrailEvent;

/**
 * Publishes a critique, or its correction: from now on its student reads it. A second time changes nothing; where
 * somebody else was quicker, that is said, and the text that came later is kept.
 */
final class PublishCritique
{
    /**
     * @throws StillJudging when a frame is being judged
     * @throws StaleSummary when somebody else has changed the message meanwhile
     * @throws AlreadyPublished when somebody else has published
     */
    public function handle(Attempt $attempt, CritiqueDraft $draft): void
    {
        $problem = LockedAttempt::change($attempt->id, function (Attempt $attempt) use ($draft): ?AlreadyPublished {
            if (! $attempt->allows(AttemptStep::Publish)) {
                return self::tooLate($attempt, $draft);
            }
            if ($attempt->frames()->where('state', FrameState::Judging)->exists()) {
                throw StillJudging::aFrame();
            }
            $revision = SaveDraft::store($attempt, $draft);
            $attempt->update(['published_revision' => $revision, 'published_by' => $draft->by?->id]);
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
                $draft->by,
                $isCorrection ? TrailEvent::Corrected : TrailEvent::Published,
                $attempt->content()->words->title,
                $attempt->user,
            );

            return null;
        });
        // Thrown once what came late is stored.
        $problem === null || throw $problem;
    }

    /** One's own second click is no news. */
    private static function tooLate(Attempt $attempt, CritiqueDraft $draft): ?AlreadyPublished
    {
        $isOwn = $draft->by === null || $attempt->published_by === null || $attempt->published_by === $draft->by->id;
        $isSame = $draft->summary === null || KeepSummary::isSame($draft->summary, (string) $attempt->summary);
        if ($attempt->returned_at === null || ($isOwn && $isSame)) {
            return null;
        }
        KeepSummary::late($attempt, $draft);

        return AlreadyPublished::by($attempt, ! $isSame);
    }
}
