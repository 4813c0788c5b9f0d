<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use TruePupil\Core\Notebook\FieldNote as Noted;
use TruePupil\Core\Notebook\Notebook;

/**
 * What notes are written for on the way.
 *
 * @property int $id
 * @property int $user_id
 * @property Collection<int, FieldNote> $fieldNotes
 */
trait TakesFieldNotes
{
    /** @return HasMany<FieldNote, $this> */
    public function fieldNotes(): HasMany
    {
        return $this->hasMany(FieldNote::class);
    }

    public function notebook(): Notebook
    {
        return Notebook::of(array_values(
            $this->fieldNotes->map(fn (FieldNote $note): Noted => $note->noted())->all(),
        ));
    }
}
