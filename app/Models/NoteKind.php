<?php

declare(strict_types=1);

namespace App\Models;

/** What a note asks of the student. */
enum NoteKind: string
{
    case Keep = 'keep';
    case Try = 'try';
    case GoBack = 'go-back';

    public function label(): string
    {
        return match ($this) {
            self::Keep => 'Keep',
            self::Try => 'Try',
            self::GoBack => 'Go back',
        };
    }
}
