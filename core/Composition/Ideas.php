<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/** How far a subject lies from where an idea of composition would have it, as % of the frame's diagonal. */
final class Ideas
{
    /** One part of a side divided in the golden ratio. */
    public const GOLDEN = 0.381966;

    /**
     * @param  float  $aspect  width over height
     * @return array{thirds: float, centre: float, diagonals: float, golden: float}
     */
    public static function distances(Region $subject, float $aspect): array
    {
        $centre = $subject->centre();
        $diagonal = hypot($aspect, 1.0);
        $percent = fn (float $dx, float $dy): float => round((100 * hypot($dx * $aspect, $dy)) / $diagonal, 2);
        $nearest = fn (float $share): float => min(
            array_map(fn (array $point): float => $percent($centre['x'] - $point[0], $centre['y'] - $point[1]), [
                [$share, $share],
                [1 - $share, $share],
                [$share, 1 - $share],
                [1 - $share, 1 - $share],
            ]),
        );
        // Distance from the line y = x (in fractions) and from its mirror, measured square to it in the true shape.
        $fromDiagonal = fn (float $y): float => round(
            (100 * abs($centre['x'] - $y) * $aspect) / $diagonal / $diagonal,
            2,
        );

        return [
            'thirds' => $nearest(1 / 3),
            'centre' => $percent($centre['x'] - 0.5, $centre['y'] - 0.5),
            'diagonals' => min($fromDiagonal($centre['y']), $fromDiagonal(1 - $centre['y'])),
            'golden' => $nearest(self::GOLDEN),
        ];
    }
}
