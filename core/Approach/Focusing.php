<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** How focus is set on what stays where it is. */
enum Focusing: string
{
    case SinglePoint = 'single-point';
    case ByHand = 'by-hand';
    case Detection = 'detection';

    public function label(): string
    {
        return match ($this) {
            self::SinglePoint => 'single point, automatic',
            self::ByHand => 'by hand, with magnification',
            self::Detection => 'subject detection',
        };
    }
}
