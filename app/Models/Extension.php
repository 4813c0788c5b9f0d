<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * More time for one student at one set brief.
 *
 * @property int $set_brief_id
 * @property int $user_id
 * @property Carbon $due_at
 * @property User $user
 */
final class Extension extends Model
{
    protected $table = 'extensions';

    protected $fillable = ['set_brief_id', 'user_id', 'due_at'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<int, array<int, Carbon>> until when, by set brief and student */
    public static function inCourse(Course $course): array
    {
        $until = [];
        $rows = DB::table('extensions')
            ->join('set_briefs', 'set_briefs.id', '=', 'extensions.set_brief_id')
            ->where('set_briefs.course_id', $course->id)
            ->get(['extensions.set_brief_id', 'extensions.user_id', 'extensions.due_at']);
        foreach ($rows as $row) {
            $until[(int) $row->set_brief_id][(int) $row->user_id] = Carbon::parse($row->due_at, 'UTC');
        }

        return $until;
    }

    protected function casts(): array
    {
        return ['due_at' => 'datetime'];
    }
}
