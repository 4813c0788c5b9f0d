<?php

declare(strict_types=1);

namespace App\Models;

/** How a teacher marks. The program proposes no mark. */
enum MarkingKind: string
{
    case None = 'none';
    case Pass = 'pass';
    case Points = 'points';
    case Rubric = 'rubric';

    public function label(): string
    {
        return match ($this) {
            self::None => 'no marks',
            self::Pass => 'pass, or not yet',
            self::Points => 'points',
            self::Rubric => 'points in lines of my own',
        };
    }
}
