<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\Extension;
use App\Models\Membership;
use App\Models\Role;
use App\Models\SetBrief;
use App\Models\User;
use App\Notices\MoreTime;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;

/** Gives students of a course more time for one brief, one by one or a whole group. */
final class GiveMoreTime
{
    /**
     * @param  list<int>  $students
     * @param  ?string  $group  everybody in it as well
     * @param  ?Carbon  $until  null takes back what was given
     * @return int to how many
     */
    public function handle(SetBrief $setBrief, array $students, ?string $group, ?Carbon $until): int
    {
        $ids = Membership::query()
            ->where('course_id', $setBrief->course_id)
            ->where('role', Role::Student)
            ->where(
                fn ($query) => $query
                    ->whereIn('user_id', $students)
                    ->when($group !== null, fn ($query) => $query->orWhere('group_name', $group)),
            )
            ->pluck('user_id');
        DB::transaction(function () use ($setBrief, $ids, $until): void {
            Extension::query()->where('set_brief_id', $setBrief->id)->whereIn('user_id', $ids)->delete();
            foreach ($until === null ? [] : $ids as $id) {
                Extension::query()->create(['set_brief_id' => $setBrief->id, 'user_id' => $id, 'due_at' => $until]);
            }
            if ($until !== null) {
                /** @var Collection<int, User> $people */
                $people = User::query()->whereKey($ids)->get();
                Notification::send($people, new MoreTime($setBrief, $until));
            }
        });

        return $ids->count();
    }
}
