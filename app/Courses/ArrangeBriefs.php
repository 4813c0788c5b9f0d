<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\Course;
use App\Models\SetBrief;
use Illuminate\Support\Facades\DB;

/** Puts the briefs of a course in an order of the instructor's own, or back into that of their dates. */
final class ArrangeBriefs
{
    /** @param  int  $by  places: -1 up, 1 down; beyond the ends nothing changes */
    public function move(SetBrief $setBrief, int $by): void
    {
        DB::transaction(function () use ($setBrief, $by): void {
            $course = Course::query()->lockForUpdate()->findOrFail($setBrief->course_id);
            $order = array_values(array_map(intval(...), $course->setBriefs()->pluck('id')->all()));
            $at = (int) array_search($setBrief->id, $order, true);
            $to = max(0, min(count($order) - 1, $at + $by));
            [$order[$at], $order[$to]] = [$order[$to], $order[$at]];
            foreach ($order as $position => $id) {
                SetBrief::query()->whereKey($id)->update(['position' => $position + 1]);
            }
        });
    }

    public function byDates(Course $course): void
    {
        SetBrief::query()->where('course_id', $course->id)->update(['position' => null]);
    }
}
