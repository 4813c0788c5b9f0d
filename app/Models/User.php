<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 */
final class User extends Authenticatable
{
    protected $fillable = ['name', 'email', 'password'];

    protected $hidden = ['password', 'remember_token'];

    /** @return BelongsToMany<Course, $this> */
    public function courses(): BelongsToMany
    {
        return $this->belongsToMany(Course::class, 'memberships')->withPivot('role')->withTimestamps()->orderBy('courses.id');
    }

    public function roleIn(Course $course): ?Role
    {
        $role = Membership::query()->where('course_id', $course->id)->where('user_id', $this->id)->value('role');

        return $role instanceof Role ? $role : Role::tryFrom((string) $role);
    }

    public function teaches(Course $course): bool
    {
        return $this->roleIn($course) === Role::Instructor;
    }

    protected function casts(): array
    {
        return ['password' => 'hashed'];
    }
}
