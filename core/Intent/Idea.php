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
    /** Straight lines that lead to the subject. */
    case Lines = 'lines';
    /** A doorway, an arch, branches: something in the picture frames the subject. */
    case Surround = 'surround';
    /** The subject alone, with nothing beside it. */
    case Isolation = 'isolation';
    /** Something near, something in the middle, something far. */
    case Depth = 'depth';
    /** A lone tree, a walker on a beach: small, so that the space is felt. */
    case SmallFigure = 'small-figure';

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
            self::Depth => 'depth: near, middle and far',
            self::SmallFigure => 'small in a wide space',
        };
    }
}
