<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** The speed at which a course exposes negative film. */
enum FilmRating: string
{
    case Box = 'box';
    case Generous = 'generous';

    public function label(): string
    {
        return match ($this) {
            self::Box => 'at the speed on its box',
            self::Generous => 'generously, up to a stop more',
        };
    }
}
