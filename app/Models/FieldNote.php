<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use TruePupil\Core\Notebook\FieldNote as Noted;

/**
 * A note from the phone, for a day's sheet or a roll of film. It is added and never changed.
 *
 * @property int $id
 * @property string $uuid
 * @property ?int $day_sheet_id
 * @property ?int $film_roll_id
 * @property string $entry
 * @property string $field
 * @property string $value
 * @property int $noted_at  milliseconds since 1970
 */
final class FieldNote extends Model
{
    protected $table = 'field_notes';

    protected $fillable = ['uuid', 'day_sheet_id', 'film_roll_id', 'entry', 'field', 'value', 'noted_at'];

    public function noted(): Noted
    {
        return new Noted($this->uuid, $this->entry, $this->field, $this->value, $this->noted_at);
    }

    protected function casts(): array
    {
        return ['noted_at' => 'integer'];
    }
}
