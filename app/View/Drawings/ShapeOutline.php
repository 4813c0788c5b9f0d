<?php

declare(strict_types=1);

namespace App\View\Drawings;

use TruePupil\Core\Composition\SubjectShape;

/** The outline of a subject over its picture, which is drawn 100 by 100 whatever its format. */
final class ShapeOutline
{
    /** The points of a polygon. */
    public static function points(SubjectShape $shape): string
    {
        return implode(' ', array_map(
            fn (array $point): string => sprintf('%.2f,%.2f', 100 * $point[0], 100 * $point[1]),
            $shape->outline(),
        ));
    }
}
