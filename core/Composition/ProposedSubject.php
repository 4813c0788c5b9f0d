<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Raster\ConnectedCells;

/**
 * Where the subject probably is, from what draws the eye: all that hangs together round the strongest place with at
 * least a quarter of its weight. A proposal that somebody takes or does not take; nothing is judged by it.
 */
final class ProposedSubject
{
    private const SHARE = 0.25;

    /** Shares of the frame outside of which a proposal helps nobody: what draws the eye all over is no one thing. */
    private const SIZES = [0.004, 0.4];

    /** @return ?Region null where nothing stands out, or much of the picture does */
    public static function in(Attention $attention): ?Region
    {
        [$columns, $rows] = [Attention::columns(), Attention::rows()];
        $strongest = max($attention->map ?: [0.0]);
        $start = (int) array_search($strongest, $attention->map, true);
        $drawn = array_keys(array_filter(
            $attention->map,
            fn (float $weight): bool => $weight >= self::SHARE * $strongest,
        ));
        // What is looked for first stands in the first piece.
        $found = ConnectedCells::of([$start, ...$drawn], $columns)[0];
        $across = array_map(fn (int $cell): int => $cell % $columns, $found);
        $down = array_map(fn (int $cell): int => intdiv($cell, $columns), $found);
        $region = Region::of(
            min($across) / $columns,
            min($down) / $rows,
            (max($across) - min($across) + 1) / $columns,
            (max($down) - min($down) + 1) / $rows,
        );
        $share = $region->width * $region->height;

        return $strongest <= 0.0 || $share < self::SIZES[0] || $share > self::SIZES[1] ? null : $region;
    }
}
