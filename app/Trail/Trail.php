<?php

declare(strict_types=1);

namespace App\Trail;

use App\Models\Course;
use App\Models\User;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Collection;
use Spatie\Activitylog\Models\Activity;

/**
 * Who did what in a course. People are written down by their numbers alone, so that a name goes with its account; the
 * trail goes with its course.
 */
final class Trail
{
    private const LOG = 'course';

    private const PAGE = 50;

    /**
     * @param  ?User  $by  null: the operator, by a command
     * @param  ?string  $what  such as the title of a brief; never a name
     */
    public static function note(
        Course $course,
        ?User $by,
        TrailEvent $event,
        ?string $what = null,
        ?User $whom = null,
    ): void {
        activity(self::LOG)
            ->performedOn($course)
            ->causedBy($by)
            ->event($event->value)
            ->withProperties(array_filter(['what' => $what, 'whom' => $whom?->id], fn ($value) => $value !== null))
            ->log($event->label());
    }

    /** @return LengthAwarePaginator<int, Activity> the latest first */
    public static function of(Course $course): LengthAwarePaginator
    {
        return Activity::query()
            ->where('log_name', self::LOG)
            ->where('subject_type', $course->getMorphClass())
            ->where('subject_id', $course->id)
            ->with('causer')
            ->orderByDesc('id')
            ->paginate(self::PAGE);
    }

    /**
     * @param  iterable<Activity>  $entries
     * @return Collection<int, string> names of the people who are spoken of, by number; those who have left are missing
     */
    public static function names(iterable $entries): Collection
    {
        $ids = [];
        foreach ($entries as $entry) {
            $ids[] = $entry->properties['whom'] ?? null;
        }

        return User::query()->whereKey(array_filter($ids))->pluck('name', 'id');
    }
}
