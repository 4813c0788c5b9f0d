<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeZone;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use TruePupil\Core\Day\DayFormat;
use TruePupil\Core\Day\DaySheet as Content;
use TruePupil\Core\Json\Fields;

/**
 * What a student means to look at, settle and photograph on one day, for one brief.
 *
 * @property int $id
 * @property int $user_id
 * @property int $set_brief_id
 * @property array<string, mixed> $content  as typed
 * @property Carbon $updated_at
 * @property SetBrief $setBrief
 */
final class DaySheet extends Model implements FieldNotebook
{
    use TakesFieldNotes;

    protected $table = 'day_sheets';

    protected $fillable = ['user_id', 'set_brief_id', 'content'];

    /** The student's own; new where there is none. */
    public static function for(SetBrief $setBrief, User $user): self
    {
        $sheet = self::query()->where('set_brief_id', $setBrief->id)->where('user_id', $user->id)->first() ??
            new self(['set_brief_id' => $setBrief->id, 'user_id' => $user->id, 'content' => []]);

        return $sheet->setRelation('setBrief', $setBrief);
    }

    /** @return BelongsTo<SetBrief, $this> */
    public function setBrief(): BelongsTo
    {
        return $this->belongsTo(SetBrief::class);
    }

    public function sheet(): Content
    {
        return DayFormat::read(Fields::of($this->content), new DateTimeZone($this->setBrief->course->timezone));
    }

    /** A shot or a line of the list, ticked, or with a word; also one that is no longer on the sheet. */
    public function takes(string $entry, string $field): bool
    {
        return preg_match('/^[a-z0-9]{1,12}$/', $entry) === 1 && in_array($field, ['done', 'word'], true);
    }

    protected function casts(): array
    {
        return ['content' => 'array'];
    }
}
