<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * That somebody else asked for a new password for a person, who can stop it.
 *
 * @property int $id
 * @property int $user_id
 * @property ?int $asked_by
 * @property ?User $askedBy
 * @property ?int $course_id  null: whoever runs the service asked
 * @property PasswordWay $way
 * @property Carbon $counts_from
 * @property Carbon $ends_at
 * @property ?Carbon $closed_at  used, or stopped by its person
 * @property User $user
 * @property ?Course $course
 */
final class PasswordRequest extends Model
{
    protected $table = 'password_requests';

    protected $fillable = ['user_id', 'asked_by', 'course_id', 'way', 'counts_from', 'ends_at', 'closed_at'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function askedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'asked_by');
    }

    /** @return BelongsTo<Course, $this> */
    public function course(): BelongsTo
    {
        return $this->belongsTo(Course::class);
    }

    /**
     * Those of a person that are not used, stopped or over.
     *
     * @return Builder<self>
     */
    public static function open(User $user): Builder
    {
        return self::query()->where('user_id', $user->id)->whereNull('closed_at')->where('ends_at', '>', now());
    }

    public function isOpen(): bool
    {
        return $this->closed_at === null && $this->ends_at->isFuture();
    }

    public function counts(): bool
    {
        return $this->isOpen() && ! $this->counts_from->isFuture();
    }

    public static function close(User $user): void
    {
        self::open($user)->update(['closed_at' => now()]);
    }

    protected function casts(): array
    {
        return [
            'way' => PasswordWay::class,
            'counts_from' => 'datetime',
            'ends_at' => 'datetime',
            'closed_at' => 'datetime',
        ];
    }
}
