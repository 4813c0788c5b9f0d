<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Roll\FrameNumber;
use TruePupil\Core\Roll\LogLine;
use TruePupil\Core\Roll\Roll;
use TruePupil\Core\Roll\RollFormat;
use TruePupil\Core\Roll\RollLog;

/**
 * A person's roll of film; its log is made of notes.
 *
 * @property int $id
 * @property int $user_id
 * @property array<string, mixed> $content
 * @property Collection<int, Frame> $scans
 */
final class FilmRoll extends Model implements FieldNotebook
{
    use TakesFieldNotes;

    protected $table = 'film_rolls';

    protected $fillable = ['user_id', 'content'];

    public function roll(): Roll
    {
        return RollFormat::read(Fields::of($this->content));
    }

    public function log(): RollLog
    {
        return RollLog::of($this->roll(), $this->notebook()->values());
    }

    /** @return HasMany<Frame, $this> frames of attempts that are scans of it */
    public function scans(): HasMany
    {
        return $this->hasMany(Frame::class)->orderBy('id');
    }

    public function takes(string $entry, string $field): bool
    {
        return FrameNumber::isOne($entry) && in_array($field, LogLine::FIELDS, true);
    }

    protected function casts(): array
    {
        return ['content' => 'array'];
    }
}
