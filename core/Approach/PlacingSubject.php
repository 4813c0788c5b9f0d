<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** Where a subject goes while composition is being learned. */
enum PlacingSubject: string
{
    case OffCentreFirst = 'off-centre-first';
    case CentreIsAChoice = 'centre-is-a-choice';

    public function label(): string
    {
        return match ($this) {
            self::OffCentreFirst => 'off-centre first',
            self::CentreIsAChoice => 'centre is a choice like any other, if it has a reason',
        };
    }
}
