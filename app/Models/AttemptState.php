<?php

declare(strict_types=1);

namespace App\Models;

/** Where an attempt is on its way. */
enum AttemptState: string
{
    /** The student is still preparing it. */
    case Draft = 'draft';
    /** Handed in, not opened yet. */
    case Waiting = 'waiting';
    /** The instructor has opened it. */
    case AtDesk = 'at-desk';
    /** The critique is published. */
    case Returned = 'returned';

    public function label(): string
    {
        return match ($this) {
            self::Draft => 'being prepared',
            self::Waiting => 'waiting',
            self::AtDesk => 'at the desk',
            self::Returned => 'returned',
        };
    }
}
