<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

/** What movement should look like in the picture. */
enum MovementLook: string
{
    /** No more blur than one circle of confusion. */
    case Freeze = 'freeze';
    /** No more than four. */
    case Acceptable = 'acceptable';
    /** A visible trail. */
    case Streak = 'streak';
    /** Flowing water without texture. */
    case Silk = 'silk';
    /** The subject followed: it stays, what stands still streaks. */
    case Pan = 'pan';

    public function label(): string
    {
        return match ($this) {
            self::Freeze => 'frozen',
            self::Acceptable => 'sharp enough',
            self::Streak => 'streaked',
            self::Silk => 'silky water',
            self::Pan => 'followed, with a streaked background',
        };
    }
}
