<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

/** Why a night ladder goes on. */
enum NightReason: string
{
    case Lamps = 'lamps';
    case Stars = 'stars';
    case StarsInDarkerLight = 'stars-in-darker-light';

    public function sentence(): string
    {
        return match ($this) {
            self::Lamps => 'Half the time: lamps still lose their shape.',
            self::Stars => 'Half the time and twice the ISO: the lamps are right, the stars still draw out.',
            self::StarsInDarkerLight => 'Half the time: the stars still draw out. ISO ends here, so the ground gets a '.
                'stop darker.',
        };
    }
}
