<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Courses\BriefCount;
use App\Courses\CourseBoard;
use App\Courses\DeskQueue;
use App\Courses\WaitingAttempt;
use App\Models\Extension;
use App\Models\Membership;
use App\Models\Role;
use App\Models\SetBrief;
use Illuminate\Support\Collection;
use TruePupil\Core\Brief\Brief;

/** A set brief as whoever teaches or critiques has it: its text, what was handed in, and what it is run by. */
final readonly class SetBriefForInstructor
{
    /** Frames shown of what was handed in. */
    private const SHOWN = 12;

    /**
     * @param  ?int  $newer  the revision that it could be corrected to
     * @param  list<WaitingAttempt>  $handedIn  the latest
     * @param  Collection<int, Extension>  $extensions
     * @param  Collection<int, Membership>  $students
     */
    private function __construct(
        public SetBrief $setBrief,
        public Brief $brief,
        public BriefCount $count,
        public bool $teaches,
        public ?int $newer,
        public array $handedIn,
        public Collection $extensions,
        public Collection $students,
    ) {
    }

    public static function of(SetBrief $setBrief, bool $teaches, ?int $newer): self
    {
        $course = $setBrief->course;
        $count = array_column(CourseBoard::of($course)->briefs(), null, 'setBrief')[$setBrief->id];

        return new self(
            $setBrief,
            $setBrief->content(),
            $count,
            $teaches,
            $newer,
            DeskQueue::of($course)->latest([$count], self::SHOWN),
            $teaches
                ? $setBrief->extensions()->with('user')->orderBy('due_at')->get()->toBase()
                : collect(),
            $teaches
                ? $course->memberships()->with('user')->where('role', Role::Student)->get()
                    ->sortBy('user.name')->values()->toBase()
                : collect(),
        );
    }

    /** @return list<string> of the course */
    public function groups(): array
    {
        return $this->setBrief->course->groups();
    }

    /** How many attempts there are, those being prepared among them. */
    public function attempts(): int
    {
        return $this->setBrief->attempts()->count();
    }

    /** From when to when, in a line; empty where it has no dates. */
    public function when(): string
    {
        $course = $this->setBrief->course;

        return implode(' · ', array_filter([
            $this->setBrief->opens_at?->isFuture() ? 'opens '.$course->formatMoment($this->setBrief->opens_at) : null,
            $this->setBrief->due_at === null ? null : 'due '.$course->formatMoment($this->setBrief->due_at),
            $this->setBrief->closes_at === null
                ? null
                : ($this->setBrief->closes_at->isPast() ? 'closed ' : 'closes ').
                    $course->formatMoment($this->setBrief->closes_at),
            $this->setBrief->is_hidden ? 'hidden from students' : null,
        ]));
    }
}
