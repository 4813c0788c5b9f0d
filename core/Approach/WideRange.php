<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** What is done about a scene with more range than the sensor. */
enum WideRange: string
{
    case Bracket = 'bracket';
    case LiftedShadows = 'lifted-shadows';
    case GraduatedFilter = 'graduated-filter';

    public function label(): string
    {
        return match ($this) {
            self::Bracket => 'a bracket of frames',
            self::LiftedShadows => 'one frame with lifted shadows',
            self::GraduatedFilter => 'a graduated filter',
        };
    }
}
