<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property string $name
 * @property ?string $email  null: came with a course from another installation and is not claimed yet
 * @property ?string $password  null: not claimed yet
 * @property ?Carbon $email_verified_at
 * @property ?string $pending_email  the next address, until its link is followed
 * @property ?string $invited_email  where the invitation of an unclaimed account goes
 * @property ?string $timezone
 * @property ?string $locale
 * @property ?list<string> $no_mail  kinds of notices that are not wanted by mail
 * @property bool $keeps_location  whether the kept originals may say where they were taken
 * @property ?bool $shows_frames  whether own frames may be shown to a class unless said otherwise; null: never asked
 * @property ?Carbon $delete_at  when the account goes, as its owner asked
 * @property ?array<mixed> $kit
 * @property int $generation  of sessions: those that were begun with an earlier one have ended
 * @property bool $is_operator  whether it sees how the service is
 * @property ?list<string> $first_settings  those that were ticked
 * @property ?list<string> $lessons_read  ids of lessons that were tried
 */
final class User extends Authenticatable
{
    use Notifiable;

    protected $table = 'users';

    protected $fillable = [
        'name',
        'email',
        'password',
        'pending_email',
        'invited_email',
        'timezone',
        'locale',
        'no_mail',
        'keeps_location',
        'shows_frames',
        'delete_at',
        'kit',
        'first_settings',
        'lessons_read',
    ];

    protected $attributes = [
        'email_verified_at' => null,
        'pending_email' => null,
        'invited_email' => null,
        'timezone' => null,
        'locale' => null,
        'no_mail' => null,
        'keeps_location' => false,
        'shows_frames' => null,
        'delete_at' => null,
        'is_operator' => false,
        'generation' => 0,
    ];

    protected $hidden = ['password', 'remember_token'];

    /** @return BelongsToMany<Course, $this> */
    public function courses(): BelongsToMany
    {
        return $this->belongsToMany(Course::class, 'memberships')
            ->withPivot('role')
            ->withTimestamps()
            ->orderBy('courses.id');
    }

    /** Whether a kind of notice goes out by mail: to a confirmed address, unless its owner wants none. */
    public function hasMail(NoticeKind $kind): bool
    {
        return $this->email_verified_at !== null &&
            (! $kind->isOptional() || ! in_array($kind->value, $this->no_mail ?? [], true));
    }

    /** Came with a course from another installation, and nobody has made it theirs yet. */
    public function isUnclaimed(): bool
    {
        return $this->password === null;
    }

    /** @return HasMany<Membership, $this> */
    public function memberships(): HasMany
    {
        return $this->hasMany(Membership::class);
    }

    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'kit' => 'array',
            'first_settings' => 'array',
            'lessons_read' => 'array',
            'no_mail' => 'array',
            'keeps_location' => 'boolean',
            'is_operator' => 'boolean',
            'generation' => 'integer',
            'shows_frames' => 'boolean',
            'email_verified_at' => 'datetime',
            'delete_at' => 'datetime',
        ];
    }
}
