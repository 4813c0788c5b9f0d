<?php

declare(strict_types=1);

namespace TruePupil\Core\Revisit;

/** Where the sun is to stand. */
enum SunWish: string
{
    case Low = 'low';
    case High = 'high';
    case Twilight = 'twilight';
    case Dark = 'dark';

    public function label(): string
    {
        return match ($this) {
            self::Low => 'low: up to 10° above the horizon',
            self::High => 'higher than 10°',
            self::Twilight => 'just down: the blue of twilight',
            self::Dark => 'far down: night',
        };
    }

    /** @param  float  $altitude  degrees above the horizon */
    public function holds(float $altitude): bool
    {
        return match ($this) {
            self::Low => $altitude >= 0.0 && $altitude <= 10.0,
            self::High => $altitude > 10.0,
            self::Twilight => $altitude >= -8.0 && $altitude <= -3.0,
            self::Dark => $altitude < -12.0,
        };
    }
}
