<?php

declare(strict_types=1);

namespace App\Retention;

use App\HandIn\UnusedPictures;
use App\Models\Attempt;
use App\Models\Course;
use App\Models\DaySheet;
use App\Models\Frame;
use App\Models\SavedPlan;
use App\Models\SetBrief;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** Deletes attempts with their frames, pictures and words, alone or with what they belong to. */
final readonly class DeleteAttempts
{
    public function __construct(private UnusedPictures $unused)
    {
    }

    /**
     * Those that a course keeps no longer, counted from hand-in; from the last change while they are being prepared.
     * Plans and day's sheets of that time go with them.
     *
     * @return int how many attempts went
     */
    public function pastTheirTime(Course $course): int
    {
        if ($course->keeps_months === null) {
            return 0;
        }
        $until = now()->subMonths($course->keeps_months);
        $sets = $course->setBriefs()->pluck('id');
        SavedPlan::query()->whereIn('set_brief_id', $sets)->where('updated_at', '<', $until)->delete();
        DaySheet::query()->whereIn('set_brief_id', $sets)->where('updated_at', '<', $until)->delete();

        return $this->all(
            Attempt::query()
                ->whereIn('set_brief_id', $sets)
                ->whereRaw('coalesce(handed_in_at, updated_at) < ?', [$until]),
        );
    }

    public function withBrief(SetBrief $setBrief): void
    {
        DB::transaction(function () use ($setBrief): void {
            $this->all(Attempt::query()->where('set_brief_id', $setBrief->id));
            $setBrief->delete();
        });
    }

    /** A course with everything in it; its people stay. */
    public function withCourse(Course $course): void
    {
        DB::transaction(function () use ($course): void {
            $this->all(
                Attempt::query()->whereHas(
                    'setBrief',
                    fn (Builder $query): Builder => $query->where('course_id', $course->id),
                ),
            );
            DB::table('activity_log')
                ->where('subject_type', $course->getMorphClass())
                ->where('subject_id', $course->id)
                ->delete();
            $course->delete();
        });
    }

    /** @param  Builder<Attempt>  $attempts */
    private function all(Builder $attempts): int
    {
        return DB::transaction(function () use ($attempts): int {
            $ids = $attempts->pluck('id');
            $pictures = Frame::query()->whereIn('attempt_id', $ids)->pluck('picture_id')->all();
            Attempt::query()->whereKey($ids)->delete();
            $this->unused->forget($pictures);

            return $ids->count();
        });
    }
}
