<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Stored;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Stored\SuggestionCodec;

/**
 * What a student means to do for one attempt at one brief, as typed.
 *
 * @property int $id
 * @property int $user_id
 * @property int $set_brief_id
 * @property int $number
 * @property array<string, mixed> $input  the texts of the form, kept as typed
 * @property ?Suggestion $chosen  the settings that were taken from what was offered
 * @property Carbon $updated_at
 * @property SetBrief $setBrief
 * @property User $user
 */
final class SavedPlan extends Model
{
    protected $table = 'plans';

    protected $fillable = ['user_id', 'set_brief_id', 'number', 'input', 'chosen'];

    /**
     * The plan for the attempt that the student prepares, or would begin next; new where there is none. What has been
     * handed in is held against what was planned before: its plan no longer changes.
     */
    public static function forNext(SetBrief $setBrief, User $user): self
    {
        $last = Attempt::query()
            ->where('set_brief_id', $setBrief->id)
            ->where('user_id', $user->id)
            ->orderByDesc('number')
            ->first();
        $number = $last === null ? 1 : ($last->state === AttemptState::Draft ? $last->number : $last->number + 1);

        return self::query()
            ->where('set_brief_id', $setBrief->id)
            ->where('user_id', $user->id)
            ->where('number', $number)
            ->first() ??
            new self([
                'set_brief_id' => $setBrief->id,
                'user_id' => $user->id,
                'number' => $number,
                'input' => [],
                'chosen' => null,
            ]);
    }

    public static function forAttempt(Attempt $attempt): ?self
    {
        return self::query()
            ->where('set_brief_id', $attempt->set_brief_id)
            ->where('user_id', $attempt->user_id)
            ->where('number', $attempt->number)
            ->first();
    }

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

    protected function casts(): array
    {
        return ['input' => 'array', 'chosen' => Stored::class.':'.SuggestionCodec::class];
    }
}
