<?php

declare(strict_types=1);

namespace TruePupil\Core\Revisit;

/** How the water stands. */
enum TideState: string
{
    case High = 'high';
    case Low = 'low';
    case Rising = 'rising';
    case Falling = 'falling';

    public function label(): string
    {
        return match ($this) {
            self::High => 'about high water',
            self::Low => 'about low water',
            self::Rising => 'rising',
            self::Falling => 'falling',
        };
    }
}
