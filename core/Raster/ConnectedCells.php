<?php

declare(strict_types=1);

namespace TruePupil\Core\Raster;

/** Which cells of a grid hang together by their sides. */
final class ConnectedCells
{
    /**
     * @param  list<int>  $cells  indices, row by row from the top left
     * @param  int  $columns  of the grid
     * @return list<non-empty-list<int>> each cell in just one of them, in the order of their first ones
     */
    public static function of(array $cells, int $columns): array
    {
        [$left, $pieces] = [array_fill_keys($cells, true), []];
        foreach ($cells as $start) {
            if (! isset($left[$start])) {
                continue;
            }
            unset($left[$start]);
            $piece = [$start];
            for ($at = 0; $at < count($piece); $at++) {
                $cell = $piece[$at];
                $x = $cell % $columns;
                $beside = [
                    $x > 0 ? $cell - 1 : -1,
                    $x < $columns - 1 ? $cell + 1 : -1,
                    $cell - $columns,
                    $cell + $columns,
                ];
                foreach ($beside as $next) {
                    if (isset($left[$next])) {
                        unset($left[$next]);
                        $piece[] = $next;
                    }
                }
            }
            $pieces[] = $piece;
        }

        return $pieces;
    }
}
