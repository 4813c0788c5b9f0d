<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** What counts as the lowest ISO. */
enum LowestIso: string
{
    case Base = 'base';
    case LowestNumber = 'lowest-number';

    public function label(): string
    {
        return match ($this) {
            self::Base => 'the sensor\'s base ISO; values below it lose highlight range',
            self::LowestNumber => 'the lowest number the camera offers',
        };
    }

    public function valuesBaseIso(): bool
    {
        return $this === self::Base;
    }
}
