<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

/** Where a field of a capture record comes from. */
enum Provenance: string
{
    /** Recorded in the picture file. */
    case File = 'file';
    /** Typed in by the student. */
    case Student = 'student';
    /** Worked out from other fields. */
    case Derived = 'derived';

    public function label(): string
    {
        return match ($this) {
            self::File => 'from the file',
            self::Student => 'typed in',
            self::Derived => 'worked out',
        };
    }
}
