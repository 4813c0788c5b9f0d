<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $course_id
 * @property int $user_id
 * @property Role $role
 * @property ?string $group_name  the group of the course that somebody is in
 * @property User $user
 */
final class Membership extends Model
{
    protected $table = 'memberships';

    protected $fillable = ['course_id', 'user_id', 'role', 'group_name'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    protected function casts(): array
    {
        return ['role' => Role::class];
    }
}
