<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Raster\ColourGrid;
use TruePupil\Core\Tone\Srgb;

/** How warm each marked area is: stops by which its red light exceeds its blue. Its own colour is part of that. */
final class AreaWarmth
{
    private const LEAST = 1e-3;

    /** @return list<float> in the order of the marks; areas too small to hold a cell are left out */
    public static function of(Marks $marks, ColourGrid $grid): array
    {
        return array_values(array_filter(
            array_map(fn (Mark $mark): ?float => self::in($mark, $grid), $marks->ofKind(MarkKind::Area)),
            fn (?float $warm): bool => $warm !== null,
        ));
    }

    private static function in(Mark $mark, ColourGrid $grid): ?float
    {
        $inside = [];
        for ($i = 0, $cells = $grid->columns * $grid->rows; $i < $cells; $i++) {
            $x = ($i % $grid->columns + 0.5) / $grid->columns;
            if ($mark->holds($x, (intdiv($i, $grid->columns) + 0.5) / $grid->rows)) {
                $inside[] = $i;
            }
        }

        return self::over($inside, $grid);
    }

    /**
     * @param  iterable<int>  $cells  of the grid
     * @return ?float null without a cell
     */
    public static function over(iterable $cells, ColourGrid $grid): ?float
    {
        [$red, $blue, $count] = [0.0, 0.0, 0];
        foreach ($cells as $i) {
            $red += Srgb::linear(ord($grid->bytes[3 * $i]) / 255);
            $blue += Srgb::linear(ord($grid->bytes[3 * $i + 2]) / 255);
            $count++;
        }

        return $count === 0
            ? null
            : round(log(max(self::LEAST, $red / $count) / max(self::LEAST, $blue / $count), 2), 2);
    }
}
