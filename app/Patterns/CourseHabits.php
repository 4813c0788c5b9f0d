<?php

declare(strict_types=1);

namespace App\Patterns;

use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Frame;

/** Rules that students of a course seem to follow over several briefs. */
final class CourseHabits
{
    /** The latest frames of a course that are looked at: of a large one the page would wait for its whole past. */
    private const LATEST = 600;

    /** @return list<Habit> by student */
    public static function of(Course $course): array
    {
        $frames = Frame::query()
            ->whereHas(
                'attempt',
                fn ($query) => $query
                    ->where('state', '!=', AttemptState::Draft)
                    ->whereHas('setBrief', fn ($query) => $query->where('course_id', $course->id)),
            )
            ->select(['id', 'attempt_id', 'tags', 'stated', 'checks'])
            ->with(['attempt.user'])
            ->orderByDesc('id')
            ->limit(self::LATEST)
            ->get();
        $habits = $frames
            ->groupBy('attempt.user_id')
            ->flatMap(fn ($own): array => Habit::of($own->firstOrFail()->attempt->user, $own->toBase()));

        return array_values($habits->all());
    }
}
