<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** Where a beginner starts. */
enum Start: string
{
    case Manual = 'manual';
    case AperturePriority = 'aperture-priority';
    case AutomaticFirst = 'automatic-first';

    public function label(): string
    {
        return match ($this) {
            self::Manual => 'full manual at once',
            self::AperturePriority => 'aperture priority with compensation',
            self::AutomaticFirst => 'automatic first, then one value at a time',
        };
    }
}
