<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Checks\BriefFormat;

/**
 * A brief given to a course. It has its own copy of the text; where that is corrected, attempts that had been begun
 * keep the text of before.
 *
 * @property int $id
 * @property int $course_id
 * @property ?int $meeting_id  the meeting that it belongs to
 * @property string $brief_id
 * @property int $revision
 * @property array<mixed> $brief
 * @property ?Carbon $opens_at  before that students cannot read it; null: open at once
 * @property ?Carbon $due_at
 * @property ?Carbon $closes_at  from then on nothing is handed in; null: never
 * @property bool $is_hidden  from students who have not begun it
 * @property ?int $position  among the briefs of the course; null: by its dates
 * @property ?Carbon $corrected_at
 * @property ?Carbon $announced_at  when students were told of it
 * @property ?Carbon $reminded_at  when its students were told that it is due
 * @property Course $course
 */
final class SetBrief extends Model
{
    /** In which order briefs of a course stand: as they were put, or by their dates. */
    public const ORDER = 'set_briefs.position is null, set_briefs.position, '.
        'coalesce(set_briefs.due_at, set_briefs.opens_at) is null, '.
        'coalesce(set_briefs.due_at, set_briefs.opens_at), set_briefs.id';

    protected $table = 'set_briefs';

    protected $fillable = [
        'course_id',
        'meeting_id',
        'brief_id',
        'revision',
        'brief',
        'opens_at',
        'due_at',
        'closes_at',
        'is_hidden',
        'announced_at',
        'position',
        'corrected_at',
        'reminded_at',
    ];

    protected $attributes = [
        'meeting_id' => null,
        'opens_at' => null,
        'due_at' => null,
        'closes_at' => null,
        'is_hidden' => false,
        'position' => null,
        'corrected_at' => null,
        'announced_at' => null,
    ];

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

    /** @return HasMany<Extension, $this> */
    public function extensions(): HasMany
    {
        return $this->hasMany(Extension::class);
    }

    /**
     * Briefs that a student can hand in for, the latest set first.
     *
     * @return Collection<int, self>
     */
    public static function open(User $student): Collection
    {
        return self::query()
            ->with('course')
            ->whereIn(
                'course_id',
                Membership::query()->where('user_id', $student->id)->where('role', Role::Student)->select('course_id'),
            )
            ->orderByDesc('id')
            ->get()
            ->filter(fn (self $setBrief): bool => $setBrief->whyNotNow($student) === null)
            ->values();
    }

    public function content(): Brief
    {
        return BriefFormat::read($this->brief);
    }

    /** As the whole course has them. */
    public function dates(): BriefDates
    {
        return new BriefDates($this->opens_at, $this->due_at, $this->closes_at);
    }

    /** As one student has them. */
    public function datesOf(User $student): BriefDates
    {
        $extension = $this->extensions()->where('user_id', $student->id)->first();

        return $this->dates()->extendedTo($extension?->due_at);
    }

    /** Whether it is neither hidden nor still to come. */
    public function isShown(): bool
    {
        return ! $this->is_hidden && $this->dates()->isOpened();
    }

    /** Whether a student may read it: it is neither hidden nor still to come, or has been begun already. */
    public function isReadableBy(User $student): bool
    {
        return $this->isShown() ||
            $this->attempts()->where('user_id', $student->id)->exists();
    }

    /** Why a student can hand nothing in at this moment; null where it is possible. */
    public function whyNotNow(User $student): ?string
    {
        $dates = $this->datesOf($student);

        return match (true) {
            $this->course->archived_at !== null => 'The course is over: it can be read, and nothing is handed in '.
                'any more.',
            $this->is_hidden => 'This brief has been withdrawn. What you have handed in stays with you.',
            $dates->opensAt !== null && ! $dates->isOpened() => 'This brief opens on '.
                $this->course->formatMoment($dates->opensAt).'.',
            $dates->closesAt !== null && $dates->isClosed() => 'This brief was closed on '.
                $this->course->formatMoment($dates->closesAt).'. Ask your instructor if you need more time.',
            default => null,
        };
    }

    protected function casts(): array
    {
        return [
            'brief' => 'array',
            'opens_at' => 'datetime',
            'due_at' => 'datetime',
            'closes_at' => 'datetime',
            'is_hidden' => 'boolean',
            'announced_at' => 'datetime',
            'position' => 'integer',
            'corrected_at' => 'datetime',
            'reminded_at' => 'datetime',
        ];
    }
}
