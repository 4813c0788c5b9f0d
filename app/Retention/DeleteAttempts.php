<?php

declare(strict_types=1);

namespace App\Retention;

use App\HandIn\UnusedPictures;
use App\Models\Attempt;
use App\Models\Course;
use App\Models\Frame;
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
     *
     * @return int how many went
     */
    public function pastTheirTime(Course $course): int
    {
        return $course->keeps_months === null
            ? 0
            : $this->all(
                Attempt::query()
                    ->whereHas('setBrief', fn (Builder $query): Builder => $query->where('course_id', $course->id))
                    ->whereRaw('coalesce(handed_in_at, updated_at) < ?', [now()->subMonths($course->keeps_months)]),
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
