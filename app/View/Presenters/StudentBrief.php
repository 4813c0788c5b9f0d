<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Courses\BriefCount;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Frame;
use App\Models\SavedPlan;
use Illuminate\Support\Collection;

/** A brief as one student of the course stands to it, with the dates that hold for that student. */
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

    /** Of the latest attempt, the first that can be shown. */
    public function frame(): ?Frame
    {
        return $this->last?->shownFrame();
    }

    /** Where its frame leads: to what came back, or else to the brief. */
    public function link(): string
    {
        return $this->returned === null
            ? route('set-briefs.show', $this->brief->setBrief)
            : route('attempts.return', $this->returned);
    }

    /**
     * Whether something of it has not been seen: the brief itself, or what came back.
     *
     * @param  list<string>  $unread  the paths of notices that were not read
     */
    public function isNew(array $unread): bool
    {
        return NextStep::isNew(route('set-briefs.show', $this->brief->setBrief), $unread) ||
            ($this->returned !== null && NextStep::isNew(route('attempts.return', $this->returned), $unread));
    }

    /** Whether its page can be opened: what is still to come cannot, unless it has been begun. */
    public function isReadable(): bool
    {
        return $this->last !== null || $this->brief->dates->isOpened();
    }

    public function mayBegin(Course $course): bool
    {
        return $course->archived_at === null &&
            ! $this->brief->hidden &&
            $this->brief->dates->isOpened() &&
            ! $this->brief->dates->isClosed();
    }

    /** Its dates in a line, as they matter now. */
    public function when(Course $course): string
    {
        $dates = $this->brief->dates;

        return match (true) {
            ! $dates->isOpened() => 'opens '.$course->formatHour($dates->opensAt),
            $this->brief->hidden => 'withdrawn',
            $dates->isClosed() => $this->isMissing() ? 'closed '.$course->formatDay($dates->closesAt) : '',
            $dates->dueAt === null => '',
            $this->isOverdue() => 'was due '.$course->formatHour($dates->dueAt).': late, and still taken',
            default => 'due '.$course->formatHour($dates->dueAt).($dates->isExtended ? ', with more time for you' : ''),
        };
    }

    public function isLate(): bool
    {
        return $this->brief->dates->isLate($this->last?->handed_in_at);
    }

    /** Past its date, with nothing handed in. */
    public function isOverdue(): bool
    {
        return $this->isMissing() && $this->brief->isOverdue() && ! $this->brief->dates->isClosed();
    }

    private function isMissing(): bool
    {
        return $this->last === null || ($this->last->state === AttemptState::Draft && $this->last->number === 1);
    }
}
