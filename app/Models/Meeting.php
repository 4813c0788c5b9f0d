<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * When a course meets, and what is read, drilled and set then.
 *
 * @property int $id
 * @property int $course_id
 * @property ?Carbon $starts_at
 * @property string $title
 * @property list<string> $lessons  ids
 * @property list<string> $drills  kinds
 * @property Course $course
 */
final class Meeting extends Model
{
    protected $table = 'meetings';

    protected $fillable = ['course_id', 'starts_at', 'title', 'lessons', 'drills'];

    protected $attributes = ['starts_at' => null, 'lessons' => '[]', 'drills' => '[]'];

    /** @return BelongsTo<Course, $this> */
    public function course(): BelongsTo
    {
        return $this->belongsTo(Course::class);
    }

    /** @return HasMany<SetBrief, $this> */
    public function setBriefs(): HasMany
    {
        return $this->hasMany(SetBrief::class)->orderByRaw(SetBrief::ORDER);
    }

    protected function casts(): array
    {
        return ['starts_at' => 'datetime', 'lessons' => 'array', 'drills' => 'array'];
    }
}
