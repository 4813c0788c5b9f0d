<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/** With what somebody points. */
enum PointingShape: string
{
    case Line = 'line';
    case Arrow = 'arrow';
    case Outline = 'outline';

    /** The fewest points it is drawn through. */
    public function least(): int
    {
        return $this === self::Outline ? 3 : 2;
    }
}
