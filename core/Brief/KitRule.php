<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

/** What a course or a brief lets its frames be taken with. */
enum KitRule: string
{
    case OneLens = 'one-lens';
    case NoFlash = 'no-flash';
    case NoTripod = 'no-tripod';
    case Phones = 'phones-welcome';

    /** As its student reads it. */
    public function label(): string
    {
        return match ($this) {
            self::OneLens => 'One lens for all frames',
            self::NoFlash => 'No flash',
            self::NoTripod => 'No tripod',
            self::Phones => 'Phones are welcome',
        };
    }
}
