<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use TruePupil\Core\Approach\Approach;

/**
 * @property int $id
 * @property string $name
 * @property ?string $place
 * @property string $timezone
 * @property string $join_code  of students
 * @property ?string $critic_code  of guest critics
 * @property array<string, string> $approach
 * @property bool $asks_confirmed  whether students need a confirmed address to hand in
 * @property bool $sends_undecided  whether findings that nobody decided on go out with a return
 * @property ?list<string> $kit_rules  what frames may be taken with, in briefs that are set from now on
 * @property Marking $marking  how its instructors mark; not at all to begin with
 * @property ?int $keeps_months  after hand-in that attempts are kept; null: as long as the course
 * @property ?Carbon $told_until  hand-ins up to here have been told to its instructors
 * @property ?Carbon $archived_at  since when it is over: it can be read, and nothing is handed in
 */
final class Course extends Model
{
    /** Without letters and digits that look alike when read from a board. */
    private const CODE_LETTERS = 'ACDEFGHJKLMNPQRTUVWXY34679';

    protected $table = 'courses';

    protected $fillable = [
        'name',
        'place',
        'timezone',
        'join_code',
        'critic_code',
        'approach',
        'asks_confirmed',
        'sends_undecided',
        'kit_rules',
        'keeps_months',
        'marking',
        'told_until',
        'archived_at',
    ];

    protected $attributes = [
        'timezone' => 'UTC',
        'asks_confirmed' => false,
        'sends_undecided' => false,
        'keeps_months' => null,
        'marking' => null,
        'archived_at' => null,
    ];

    public static function newJoinCode(): string
    {
        return implode(
            '',
            array_map(fn (): string => self::CODE_LETTERS[random_int(0, strlen(self::CODE_LETTERS) - 1)], range(1, 8)),
        );
    }

    /** @return ?array{self, Role} the course that a code opens, and as what */
    public static function withCode(string $code): ?array
    {
        $plain = Str::upper(preg_replace('/[\s-]+/', '', $code) ?? '');
        $course = self::query()->where('join_code', $plain)->orWhere('critic_code', $plain)->first();

        return $course === null ? null : [$course, $course->join_code === $plain ? Role::Student : Role::Critic];
    }

    /** @return HasMany<Membership, $this> */
    public function memberships(): HasMany
    {
        return $this->hasMany(Membership::class);
    }

    /** @return BelongsToMany<User, $this> */
    public function people(Role $role): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'memberships')->wherePivot('role', $role->value)->orderBy('users.id');
    }

    /** @return list<string> the groups that its members are in */
    public function groups(): array
    {
        return array_values(
            $this->memberships()->whereNotNull('group_name')->distinct()->orderBy('group_name')->pluck('group_name')
                ->all(),
        );
    }

    /**
     * A brief as it is set here: with what the course lets frames be taken with.
     *
     * @param  array<mixed>  $brief  as a brief file has it
     * @return array<mixed>
     */
    public function setting(array $brief): array
    {
        $kit = array_unique([...$brief['kit'] ?? [], ...$this->kit_rules ?? []]);

        return $kit === [] ? $brief : [...$brief, 'kit' => array_values($kit)];
    }

    /** @return HasMany<SetBrief, $this> in their order */
    public function setBriefs(): HasMany
    {
        return $this->hasMany(SetBrief::class)->orderByRaw(SetBrief::ORDER);
    }

    /** @return HasMany<Meeting, $this> by their dates, those without one last */
    public function meetings(): HasMany
    {
        return $this->hasMany(Meeting::class)->orderByRaw('starts_at is null, starts_at, id');
    }

    /** Its code as it is read out: in two halves. */
    public static function readableCode(string $code): string
    {
        return implode(' ', str_split($code, 4));
    }

    /** A moment as a form of this course holds it, in its own time; empty for none. */
    public function formMoment(?Carbon $moment): string
    {
        return $moment === null ? '' : $moment->clone()->setTimezone($this->timezone)->format('Y-m-d\TH:i');
    }

    /** A moment that was typed in the time of the course, in UTC. */
    public function parseMoment(?string $typed): ?Carbon
    {
        return $typed === null || $typed === '' ? null : Carbon::parse($typed, $this->timezone)->utc();
    }

    /** A moment as people of the course say it. */
    public function formatMoment(Carbon $moment): string
    {
        return Moments::write($moment, $this->timezone, 'D MMM YYYY, HH:mm').' '.Moments::zone($this->timezone);
    }

    /** A day as people of the course say it. */
    public function formatDay(?Carbon $moment): string
    {
        return $moment === null ? '' : Moments::write($moment, $this->timezone, 'D MMM');
    }

    /** A day and an hour, as in a list. */
    public function formatHour(?Carbon $moment): string
    {
        return $moment === null ? '' : Moments::write($moment, $this->timezone, 'D MMM, HH:mm');
    }

    public function approachChoices(): Approach
    {
        return Approach::fromArray($this->approach);
    }

    protected function casts(): array
    {
        return [
            'approach' => 'array',
            'asks_confirmed' => 'boolean',
            'sends_undecided' => 'boolean',
            'kit_rules' => 'array',
            'keeps_months' => 'integer',
            'marking' => Marking::class,
            'told_until' => 'datetime',
            'archived_at' => 'datetime',
        ];
    }
}
