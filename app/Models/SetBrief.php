<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\BriefFormat;

/**
 * A brief given to a course: it keeps its own copy, so that a later version never changes under the students.
 *
 * @property int $id
 * @property string $brief_id
 * @property int $revision
 * @property array<mixed> $brief
 * @property ?Carbon $due_at
 * @property ?Carbon $reminded_at  when its students were told that it is due
 * @property Course $course
 */
final class SetBrief extends Model
{
    protected $fillable = ['course_id', 'brief_id', 'revision', 'brief', 'due_at', 'reminded_at'];

    /** @return BelongsTo<Course, $this> */
    public function course(): BelongsTo
    {
        return $this->belongsTo(Course::class);
    }

    /** @return HasMany<Attempt, $this> */
    public function attempts(): HasMany
    {
        return $this->hasMany(Attempt::class);
    }

    /**
     * Briefs that a student can hand in for, the latest set first.
     *
     * @return Collection<int, self>
     */
    public static function open(User $student): Collection
    {
        return self::query()
            ->whereIn(
                'course_id',
                Membership::query()->where('user_id', $student->id)->where('role', Role::Student)->select('course_id'),
            )
            ->orderByDesc('id')
            ->get();
    }

    public function content(): Brief
    {
        return BriefFormat::read($this->brief);
    }

    protected function casts(): array
    {
        return ['brief' => 'array', 'due_at' => 'datetime', 'reminded_at' => 'datetime'];
    }
}
