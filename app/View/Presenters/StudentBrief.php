<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Courses\BriefCount;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\SavedPlan;
use Illuminate\Support\Collection;

/** A brief as one student of the course stands to it. */
final readonly class StudentBrief
{
    /**
     * @param  ?Attempt  $last  the student's latest attempt
     * @param  ?Attempt  $returned  the latest that has come back
     */
    private function __construct(
        public BriefCount $brief,
        public ?Attempt $last,
        public ?Attempt $returned,
        public ?SavedPlan $plan,
    ) {
    }

    /** @param  Collection<int, Attempt>  $attempts  the student's at this brief, in order */
    public static function of(BriefCount $brief, Collection $attempts, ?SavedPlan $plan): self
    {
        return new self(
            $brief,
            $attempts->last(),
            $attempts->last(fn (Attempt $attempt): bool => $attempt->state === AttemptState::Returned),
            $plan,
        );
    }

    /** Since when the latest attempt is where it is. */
    public function since(Course $course): string
    {
        $last = $this->last;
        $since =
            $last === null
                ? null
                : $last->returned_at ?? ($last->opened_at ?? ($last->handed_in_at ?? $last->created_at));

        return $course->formatHour($since);
    }

    /** Past its date, with nothing handed in. */
    public function isOverdue(): bool
    {
        $isMissing = $this->last === null || ($this->last->state === AttemptState::Draft && $this->last->number === 1);

        return $isMissing && $this->brief->isOverdue();
    }
}
