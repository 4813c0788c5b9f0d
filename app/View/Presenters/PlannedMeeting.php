<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\Meeting;
use App\Models\SetBrief;
use App\Practice\Lesson;
use Illuminate\Support\Collection;
use TruePupil\Core\Drill\DrillKind;

/** One meeting with what belongs to it. */
final readonly class PlannedMeeting
{
    /**
     * @param  list<Lesson>  $lessons
     * @param  list<DrillKind>  $drills
     * @param  Collection<int, SetBrief>  $briefs  that may be read
     * @param  int  $stillHidden  briefs that come later
     */
    private function __construct(
        public Meeting $meeting,
        public array $lessons,
        public array $drills,
        public Collection $briefs,
        public int $stillHidden,
    ) {
    }

    /** @param  Collection<int, SetBrief>  $briefs */
    public static function of(Meeting $meeting, Collection $briefs, int $all): self
    {
        return new self(
            $meeting,
            array_values(array_filter(
                Lesson::all(),
                fn (Lesson $lesson): bool => in_array($lesson->id, $meeting->lessons, true),
            )),
            array_values(array_filter(
                DrillKind::cases(),
                fn (DrillKind $kind): bool => in_array($kind->value, $meeting->drills, true),
            )),
            $briefs,
            $all - $briefs->count(),
        );
    }

    public function when(): string
    {
        return $this->meeting->starts_at === null
            ? 'no date yet'
            : $this->meeting->course->formatMoment($this->meeting->starts_at);
    }
}
