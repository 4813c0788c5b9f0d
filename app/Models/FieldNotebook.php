<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use TruePupil\Core\Notebook\Notebook;

/** What notes can be written for on the way, on any device and without a network. */
interface FieldNotebook
{
    /** @return HasMany<FieldNote, covariant \Illuminate\Database\Eloquent\Model> */
    public function fieldNotes(): HasMany;

    public function notebook(): Notebook;

    /**
     * Says that it was written on: what nobody writes on any more goes with its course.
     *
     * @param  ?string  $attribute
     * @return bool
     */
    public function touch($attribute = null);

    /** Whether a note can be of this entry and field. */
    public function takes(string $entry, string $field): bool;
}
