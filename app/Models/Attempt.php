<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Checks\BriefFormat;

/**
 * @property int $id
 * @property int $user_id
 * @property int $set_brief_id
 * @property int $number
 * @property AttemptState $state
 * @property ?string $summary
 * @property int $summary_revision  how often the message was changed
 * @property ?int $published_revision  of the message that went out
 * @property ?int $published_by
 * @property ?User $publishedBy
 * @property ?string $reply  the student's answer to the return
 * @property ?Carbon $replied_at
 * @property ?string $answer  the instructor's, to the student's answer
 * @property ?Carbon $answered_at
 * @property ?int $answered_by
 * @property ?array<mixed> $brief  as it was when this was begun, where it has been corrected since
 * @property ?int $brief_revision
 * @property bool $may_show  whether its frames may be shown to the class
 * @property ?list<int> $mark  points of each part that its course marks
 * @property ?int $favourite_frame_id  the frame that its student chose as the best
 * @property ?string $favourite_reason
 * @property ?bool $would_hang  whether its student would hang that on a wall
 * @property Carbon $created_at
 * @property ?Carbon $handed_in_at
 * @property ?Carbon $opened_at
 * @property ?Carbon $returned_at
 * @property ?Carbon $correcting_since  while its return is being corrected
 * @property ?Carbon $corrected_at  when the return was last corrected
 * @property SetBrief $setBrief
 * @property User $user
 */
final class Attempt extends Model
{
    protected $table = 'attempts';

    protected $fillable = [
        'set_brief_id',
        'user_id',
        'number',
        'state',
        'summary',
        'summary_revision',
        'published_revision',
        'published_by',
        'reply',
        'replied_at',
        'may_show',
        'handed_in_at',
        'opened_at',
        'returned_at',
        'correcting_since',
        'corrected_at',
        'answer',
        'answered_at',
        'answered_by',
        'brief',
        'brief_revision',
        'favourite_frame_id',
        'favourite_reason',
        'would_hang',
        'mark',
    ];

    protected $attributes = [
        'summary_revision' => 0,
        'published_revision' => null,
        'published_by' => null,
        'brief' => null,
        'brief_revision' => null,
        'correcting_since' => null,
        'corrected_at' => null,
        'answer' => null,
        'answered_at' => null,
        'answered_by' => null,
        'favourite_frame_id' => null,
        'favourite_reason' => null,
        'would_hang' => null,
        'mark' => null,
    ];

    /** @return BelongsTo<SetBrief, $this> */
    public function setBrief(): BelongsTo
    {
        return $this->belongsTo(SetBrief::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> whoever answered the student's answer */
    public function answeredBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'answered_by');
    }

    /** @return BelongsTo<User, $this> whoever published the critique, or its correction */
    public function publishedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'published_by');
    }

    /** @return HasMany<SummaryVersion, $this> */
    public function summaryVersions(): HasMany
    {
        return $this->hasMany(SummaryVersion::class);
    }

    /** Whether one frame was chosen as the best, and it was said why. */
    public function hasFavourite(): bool
    {
        return $this->favourite_frame_id !== null && trim((string) $this->favourite_reason) !== '';
    }

    /** The brief that it is held against. */
    public function content(): Brief
    {
        return $this->brief === null ? $this->setBrief->content() : BriefFormat::read($this->brief);
    }

    /** @return HasMany<Frame, $this> */
    public function frames(): HasMany
    {
        return $this->hasMany(Frame::class)->orderBy('id');
    }

    /** What is possible in its state; while its return is being corrected, what is done at the desk as well. */
    public function allows(AttemptStep $step): bool
    {
        return $this->state->allows($step) ||
            ($this->correcting_since !== null &&
                $this->state->allows(AttemptStep::Correct) &&
                in_array($step, [AttemptStep::Critique, AttemptStep::Publish], true));
    }

    /** The frame whose setting the return names first, which a reshoot begins with: the first that has one. */
    public function frameToReshoot(): ?Frame
    {
        return $this->frames->first(fn (Frame $frame): bool => $frame->chosenSuggestion() !== null) ??
            $this->frames->first();
    }

    /** The first frame that can be shown. */
    public function shownFrame(): ?Frame
    {
        return $this->frames->first(fn (Frame $frame): bool => $frame->width !== null);
    }

    /** The name of its only frame, or how many there are. */
    public function describeFrames(): string
    {
        $count = $this->frames->count();

        return $count === 1 ? (string) $this->frames->first()?->original_name : $count.' frames';
    }

    /** The attempt that this one follows. */
    public function previous(): ?self
    {
        return $this->number < 2
            ? null
            : self::query()
                ->where('set_brief_id', $this->set_brief_id)
                ->where('user_id', $this->user_id)
                ->where('number', '<', $this->number)
                ->orderByDesc('number')
                ->first();
    }

    protected function casts(): array
    {
        return [
            'state' => AttemptState::class,
            'handed_in_at' => 'datetime',
            'opened_at' => 'datetime',
            'returned_at' => 'datetime',
            'replied_at' => 'datetime',
            'may_show' => 'boolean',
            'would_hang' => 'boolean',
            'mark' => 'array',
            'brief' => 'array',
            'brief_revision' => 'integer',
            'correcting_since' => 'datetime',
            'corrected_at' => 'datetime',
            'answered_at' => 'datetime',
        ];
    }
}
