<?php

declare(strict_types=1);

namespace App\Models;

use App\Courses\Roles;
use App\Kits\OwnBodies;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\KitFormat;

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

    public function roleIn(Course $course): ?Role
    {
        return app(Roles::class)->of($this->id, $course->id);
    }

    public function teaches(Course $course): bool
    {
        return $this->roleIn($course) === Role::Instructor;
    }

    public function critiques(Course $course): bool
    {
        return $this->roleIn($course)?->critiques() ?? false;
    }

    /**
     * What the user owns, as the core knows it; null while nothing has been entered.
     *
     * @param  ?string  $model  a body that a record names: it is the one that counts, where it is owned
     */
    public function kitInUse(?string $model = null): ?Kit
    {
        return $this->kit === null
            ? null
            : KitFormat::read(Fields::of($model === null ? $this->kit : OwnBodies::using($this->kit, $model)));
    }

    protected function casts(): array
    {
        return ['password' => 'hashed', 'kit' => 'array', 'first_settings' => 'array'];
    }
}
