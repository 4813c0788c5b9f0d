<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Collection;

/** Marks as tables: a course as students by briefs, a student's as attempts in a row. Published ones alone. */
final class MarkTable
{
    /** @return list<list<string>> a line a student, a column a brief: the mark of the latest attempt that has one */
    public static function ofCourse(Course $course): array
    {
        $briefs = $course->setBriefs()->get();
        $marked = self::marked($course)->get()->groupBy('user_id');
        $rows = [['student', ...$briefs->map(fn ($brief): string => $brief->content()->words->title)->all()]];
        foreach ($course->people(Role::Student)->get()->sortBy('name') as $student) {
            $own = $marked->get($student->id, new Collection())->keyBy('set_brief_id');
            $rows[] = [$student->name, ...$briefs->map(
                fn ($brief): string => (string) $course->marking->words($own->get($brief->id)?->mark),
            )->all()];
        }

        return array_map(array_values(...), $rows);
    }

    /** @return list<list<string>> a line an attempt that was marked */
    public static function ofStudent(Course $course, User $student): array
    {
        $rows = [['brief', 'attempt', 'returned', 'mark']];
        foreach (self::marked($course)->where('user_id', $student->id)->get() as $attempt) {
            $rows[] = [
                $attempt->content()->words->title,
                (string) $attempt->number,
                (string) $attempt->returned_at?->format('Y-m-d'),
                (string) $course->marking->words($attempt->mark),
            ];
        }

        return $rows;
    }

    /** @return \Illuminate\Database\Eloquent\Builder<Attempt> in the order of attempts */
    private static function marked(Course $course): \Illuminate\Database\Eloquent\Builder
    {
        return Attempt::query()
            ->whereRelation('setBrief', 'course_id', $course->id)
            ->where('state', AttemptState::Returned)
            ->whereNotNull('mark')
            ->with('setBrief')
            ->orderBy('set_brief_id')
            ->orderBy('number');
    }
}
