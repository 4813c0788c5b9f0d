<?php

declare(strict_types=1);

namespace TruePupil\Core\Critique;

/** The value that answers the light when another is changed by hand. */
enum FollowingValue: string
{
    case Time = 'time';
    case Iso = 'iso';
    case Aperture = 'aperture';

    public function label(): string
    {
        return match ($this) {
            self::Time => 'the time',
            self::Iso => 'ISO',
            self::Aperture => 'the aperture',
        };
    }
}
