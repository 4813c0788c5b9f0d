<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** Who sets ISO. */
enum IsoSetting: string
{
    case ByHand = 'by-hand';
    case Automatic = 'automatic';

    public function label(): string
    {
        return match ($this) {
            self::ByHand => 'always set by hand',
            self::Automatic => 'automatic with a ceiling and a slowest shutter',
        };
    }
}
