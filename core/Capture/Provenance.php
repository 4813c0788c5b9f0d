<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

/** Where a field of a capture record comes from. */
enum Provenance: string
{
    /** Recorded in the picture file. */
    case File = 'file';
    /** Printed by the maker's notes of the picture file; EXIF itself has no tag for it, or left it out. */
    case Maker = 'maker';
    /** Known from the practice camera that took the picture; no standard tag could carry it. */
    case PracticeCamera = 'practice-camera';
    /** Typed in by the student. */
    case Student = 'student';
    /** Worked out from other fields. */
    case Derived = 'derived';

    public function label(): string
    {
        return match ($this) {
            self::File => 'from the file',
            self::Maker => 'from the maker\'s notes',
            self::PracticeCamera => 'from the practice camera',
            self::Student => 'typed in',
            self::Derived => 'worked out',
        };
    }
}
