<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Phrase;
use App\Models\User;

/** A phrase is its owner's alone. */
final class PhrasePolicy
{
    public function update(User $user, Phrase $phrase): bool
    {
        return $phrase->user_id === $user->id;
    }
}
