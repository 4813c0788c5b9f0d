<?php

declare(strict_types=1);

namespace App\View\Drawings;

/** An SVG path over the cells of a grid that are picked out, runs of neighbours as one. */
final class CellPath
{
    /** @param  list<int>  $cells  in reading order */
    public static function of(array $cells, int $columns, int $rows, float $gridWidth, float $gridHeight): string
    {
        [$width, $height] = [$gridWidth / $columns, $gridHeight / $rows];
        $path = '';
        for ($i = 0, $count = count($cells); $i < $count; $i++) {
            $start = $cells[$i];
            while ($i + 1 < $count && $cells[$i + 1] === $cells[$i] + 1 && $cells[$i + 1] % $columns !== 0) {
                $i++;
            }
            $long = $cells[$i] - $start + 1;
            $path .= sprintf(
                'M%.1f,%.1fh%.1fv%.1fh%.1fz',
                ($start % $columns) * $width,
                intdiv($start, $columns) * $height,
                $long * $width,
                $height,
                -$long * $width,
            );
        }

        return $path;
    }
}
