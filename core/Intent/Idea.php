<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

/** An idea of composition that a student declares. */
enum Idea: string
{
    case Thirds = 'thirds';
    case Centre = 'centre';
    case Diagonals = 'diagonals';
    case Golden = 'golden';
    case Symmetry = 'symmetry';
    /** The subject alone, with nothing beside it. */
    /** Straight lines that lead to the subject. */
    case Lines = 'lines';
    /** A doorway, an arch, branches: something in the picture frames the subject. */
    case Surround = 'surround';
    case Isolation = 'isolation';

    public function label(): string
    {
        return match ($this) {
            self::Thirds => 'on a third',
            self::Centre => 'in the centre',
            self::Diagonals => 'on a diagonal',
            self::Golden => 'in the golden ratio',
            self::Symmetry => 'symmetry',
            self::Lines => 'lines that lead to it',
            self::Surround => 'a frame within the frame',
            self::Isolation => 'the subject alone',
        };
    }
}
