<?php

declare(strict_types=1);

namespace Tests\Core;

use TruePupil\Core\Raster\ColourGrid;

/** Small made-up pictures whose measures are known. */
final class Grids
{
    public const COLUMNS = 384;

    public const ROWS = 256;

    /**
     * @param  callable(float,
     *   float): array{float, float, float} $paint sRGB codes at a place given in fractions of the frame
     */
    public static function paint(callable $paint, int $columns = self::COLUMNS, int $rows = self::ROWS): ColourGrid
    {
        $bytes = '';
        for ($y = 0; $y < $rows; $y++) {
            for ($x = 0; $x < $columns; $x++) {
                // Four samples a cell, so that slanting edges are smooth as those of a photograph.
                $sum = [0.0, 0.0, 0.0];
                foreach ([0.25, 0.75] as $dy) {
                    foreach ([0.25, 0.75] as $dx) {
                        foreach ($paint(($x + $dx) / $columns, ($y + $dy) / $rows) as $band => $code) {
                            $sum[$band] += $code / 4;
                        }
                    }
                }
                $bytes .= chr((int) round($sum[0])).chr((int) round($sum[1])).chr((int) round($sum[2]));
            }
        }

        return ColourGrid::ofBytes($columns, $rows, $bytes);
    }

    /** @param  callable(float, float): float  $grey */
    public static function grey(callable $grey, int $columns = self::COLUMNS, int $rows = self::ROWS): ColourGrid
    {
        return self::paint(fn (float $x, float $y): array => array_fill(0, 3, $grey($x, $y)), $columns, $rows);
    }

    /** Ground and sky that meet in a line leaning by so many degrees, clockwise. */
    public static function horizon(float $degrees): ColourGrid
    {
        $slope = tan(deg2rad($degrees));

        return self::grey(
            fn (float $x, float $y): float => ($y - 0.55) * self::ROWS > $slope * ($x - 0.5) * self::COLUMNS
                ? 60.0
                : 190.0,
        );
    }
}
