<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** How white balance is set. */
enum WhiteBalanceSetting: string
{
    case Automatic = 'automatic';
    case Fixed = 'fixed';

    public function label(): string
    {
        return match ($this) {
            self::Automatic => 'automatic; raw fixes it',
            self::Fixed => 'a fixed kelvin value',
        };
    }
}
