<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\Course;
use App\Models\Role;
use App\Models\SilencedFinding;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * The next run of a course: its approach, settings, briefs and what is silent in it, without any student, attempt or
 * word of anybody. Dates move by as many days as its first date does, and keep their hour in the time of the course.
 */
final class CopyCourse
{
    /** @param  ?Carbon  $firstDay  the day of the first date in the copy; null leaves the dates away */
    public function handle(Course $from, User $by, string $name, ?Carbon $firstDay): Course
    {
        return DB::transaction(function () use ($from, $by, $name, $firstDay): Course {
            $course = Course::query()->create([
                ...$from->only([
                    'place',
                    'timezone',
                    'approach',
                    'asks_confirmed',
                    'sends_undecided',
                    'kit_rules',
                    'keeps_months',
                ]),
                'name' => $name,
                'join_code' => Course::newJoinCode(),
            ]);
            $course->memberships()->create(['user_id' => $by->id, 'role' => Role::Instructor]);
            $briefs = $from->setBriefs()->get();
            $days = $firstDay === null ? null : self::daysTo($firstDay, self::firstDate($from), $from);
            $meetings = [];
            foreach ($from->meetings()->get() as $meeting) {
                $meetings[$meeting->id] = $course->meetings()->create([
                    ...$meeting->only(['title', 'lessons', 'drills']),
                    'starts_at' => self::moved($meeting->starts_at, $days, $from),
                ])->id;
            }
            foreach ($briefs as $brief) {
                $course->setBriefs()->create([
                    ...$brief->only(['brief_id', 'revision', 'brief', 'is_hidden', 'position']),
                    'meeting_id' => $meetings[$brief->meeting_id] ?? null,
                    'opens_at' => self::moved($brief->opens_at, $days, $from),
                    'due_at' => self::moved($brief->due_at, $days, $from),
                    'closes_at' => self::moved($brief->closes_at, $days, $from),
                ]);
            }
            foreach (SilencedFinding::in($from) as $rule) {
                SilencedFinding::query()->create([
                    'course_id' => $course->id,
                    'user_id' => $by->id,
                    'rule_id' => $rule,
                ]);
            }

            return $course;
        });
    }

    /** The first date of its meetings and briefs. */
    public static function firstDate(Course $course): ?Carbon
    {
        $dates = array_values(array_filter($course->meetings()->get()->pluck('starts_at')->all()));
        foreach ($course->setBriefs()->get() as $brief) {
            $dates = [...$dates, ...array_filter([$brief->opens_at, $brief->due_at])];
        }

        return $dates === [] ? null : min($dates);
    }

    private static function daysTo(Carbon $day, ?Carbon $first, Course $course): ?int
    {
        return $first === null
            ? null
            : (int) round(
                $first->clone()->setTimezone($course->timezone)->startOfDay()->diffInDays(
                    Carbon::parse($day->format('Y-m-d'), $course->timezone),
                ),
            );
    }

    private static function moved(?Carbon $moment, ?int $days, Course $course): ?Carbon
    {
        return $moment === null || $days === null
            ? null
            : $moment->clone()->setTimezone($course->timezone)->addDays($days)->utc();
    }
}
