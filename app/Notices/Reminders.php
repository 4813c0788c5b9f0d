<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Extension;
use App\Models\Role;
use App\Models\SetBrief;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Notification;

/** What is told because time passes. Run every hour; nobody is told the same twice. */
final class Reminders
{
    /** Hours between two digests to one course. */
    private const DIGEST_HOURS = 20;

    /** The hour of the course's own day from which its digest goes out. */
    private const EVENING = 17;

    /** @return int how many people were told */
    public static function dueTomorrow(): int
    {
        $told = 0;
        $due = SetBrief::query()
            ->whereNull('reminded_at')
            ->whereBetween('due_at', [now(), now()->addDay()])
            ->where('is_hidden', false)
            ->whereHas('course', fn (Builder $course): Builder => $course->whereNull('archived_at'))
            ->with('course')
            ->get();
        foreach ($due as $setBrief) {
            $missing = $setBrief->course
                ->people(Role::Student)
                ->whereNotIn(
                    'users.id',
                    Attempt::query()
                        ->where('set_brief_id', $setBrief->id)
                        ->where('state', '!=', AttemptState::Draft)
                        ->select('user_id'),
                )
                ->whereNotIn(
                    'users.id',
                    Extension::query()
                        ->where('set_brief_id', $setBrief->id)
                        ->where('due_at', '>', now()->addDay())
                        ->select('user_id'),
                )
                ->get();
            $setBrief->update(['reminded_at' => now()]);
            Notification::send($missing, new DueTomorrow($setBrief));
            $told += $missing->count();
        }

        return $told;
    }

    /**
     * Briefs that have opened, or been shown, since they were set.
     *
     * @return int how many people were told
     */
    public static function opened(): int
    {
        $told = 0;
        $opened = SetBrief::query()
            ->whereNull('announced_at')
            ->where('is_hidden', false)
            ->where(
                fn (Builder $open): Builder => $open->whereNull('opens_at')->orWhere('opens_at', '<=', now()),
            )
            ->whereHas('course', fn (Builder $course): Builder => $course->whereNull('archived_at'))
            ->with('course')
            ->get();
        foreach ($opened as $setBrief) {
            $students = $setBrief->course->people(Role::Student)->get();
            $setBrief->update(['announced_at' => now()]);
            Notification::send($students, new BriefSet($setBrief));
            $told += $students->count();
        }

        return $told;
    }

    /** @return int how many people were told */
    public static function handedIn(): int
    {
        $told = 0;
        foreach (Course::query()->get() as $course) {
            $from = $course->told_until ?? now()->subDay();
            if (
                now()->setTimezone($course->timezone)->hour < self::EVENING ||
                ($course->told_until !== null && $course->told_until->diffInHours(now()) < self::DIGEST_HOURS)
            ) {
                continue;
            }
            $arrived = Attempt::query()
                ->whereHas('setBrief', fn (Builder $query): Builder => $query->where('course_id', $course->id))
                ->where('handed_in_at', '>', $from)
                ->where('handed_in_at', '<=', now())
                ->count();
            $course->update(['told_until' => now()]);
            if ($arrived > 0) {
                $instructors = $course->people(Role::Instructor)->get();
                Notification::send($instructors, new HandedIn($course, $arrived));
                $told += $instructors->count();
            }
        }

        return $told;
    }
}
