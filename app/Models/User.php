<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property ?array<mixed> $kit
 * @property ?list<string> $first_settings  those that were ticked
 */
final class User extends Authenticatable
{
    protected $fillable = ['name', 'email', 'password', 'kit', 'first_settings'];

    protected $hidden = ['password', 'remember_token'];

    /** @return BelongsToMany<Course, $this> */
    public function courses(): BelongsToMany
    {
        return $this->belongsToMany(Course::class, 'memberships')
            ->withPivot('role')
            ->withTimestamps()
            ->orderBy('courses.id');
    }

    protected function casts(): array
    {
        return ['password' => 'hashed', 'kit' => 'array', 'first_settings' => 'array'];
    }
}
