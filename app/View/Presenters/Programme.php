<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\Attempt;
use App\Models\Course;
use App\Models\Meeting;
use App\Models\SetBrief;
use App\Models\User;
use Illuminate\Support\Collection;

/** The meetings of a course as one person sees them, and which of them is now. */
final readonly class Programme
{
    /** A meeting stays "now" until so many hours after it began, or until the next one begins. */
    private const STAYS_HOURS = 72;

    /**
     * @param  list<PlannedMeeting>  $meetings
     * @param  Collection<int, SetBrief>  $briefs  of the whole course, for its instructor to choose from
     */
    private function __construct(public array $meetings, public Collection $briefs)
    {
    }

    /** @param  ?User  $student  null for whoever teaches or looks on */
    public static function of(Course $course, ?User $student): self
    {
        $briefs = $course->setBriefs()->get();
        $begun = $student === null ? collect() : Attempt::query()
            ->where('user_id', $student->id)
            ->whereIn('set_brief_id', $briefs->modelKeys())
            ->distinct()
            ->pluck('set_brief_id');
        $readable = $student === null
            ? $briefs
            : $briefs->filter(fn (SetBrief $brief): bool => $brief->isShown() || $begun->contains($brief->id));

        return new self(
            array_values(
                $course->meetings()->get()->map(
                    fn (Meeting $meeting): PlannedMeeting => PlannedMeeting::of(
                        $meeting->setRelation('course', $course),
                        $readable->where('meeting_id', $meeting->id)->values(),
                        $briefs->where('meeting_id', $meeting->id)->count(),
                    ),
                )->all(),
            ),
            $briefs,
        );
    }

    /** The meeting that is on, was a few days ago, or comes next; null where none has a date. */
    public function now(): ?PlannedMeeting
    {
        $began = null;
        foreach ($this->meetings as $planned) {
            $starts = $planned->meeting->starts_at;
            if ($starts === null) {
                continue;
            }
            if ($starts->isFuture()) {
                return $began !== null && $began->meeting->starts_at?->diffInHours(now()) < self::STAYS_HOURS
                    ? $began
                    : $planned;
            }
            $began = $planned;
        }

        return $began;
    }
}
