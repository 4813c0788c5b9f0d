<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\PracticeCamera\Trail;

/**
 * Trails laid down on a picture, each one's amount spread evenly along it and shared among the pixels that it passes.
 */
final readonly class TrailDrawing
{
    /** @param  Light  $amounts  one band: amount in each pixel of the part of the picture that the trails touch */
    private function __construct(public Light $amounts, public int $left, public int $top)
    {
    }

    /**
     * @param  iterable<Trail>  $trails
     * @param  int  $margin  empty pixels round what is touched, for what follows to spread into
     * @return ?self null when nothing falls into the picture
     */
    public static function of(
        Vips $vips,
        iterable $trails,
        Region $framing,
        int $width,
        int $height,
        int $margin,
    ): ?self {
        $amounts = [];
        [$left, $right, $top, $bottom] = [$width, 0, $height, 0];
        foreach ($trails as $trail) {
            $amount = $trail->amount / count($trail->points);
            foreach ($trail->points as [$x, $y]) {
                $x = (($x - $framing->x) / $framing->width) * $width - 0.5;
                $y = (($y - $framing->y) / $framing->height) * $height - 0.5;
                [$column, $row] = [(int) floor($x), (int) floor($y)];
                if ($column < 0 || $row < 0 || $column >= $width - 1 || $row >= $height - 1) {
                    continue;
                }
                [$left, $right, $top, $bottom] = [
                    min($left, $column),
                    max($right, $column + 1),
                    min($top, $row),
                    max($bottom, $row + 1),
                ];
                [$aside, $down] = [$x - $column, $y - $row];
                $at = $row * $width + $column;
                $amounts[$at] = ($amounts[$at] ?? 0.0) + $amount * (1 - $aside) * (1 - $down);
                $amounts[$at + 1] = ($amounts[$at + 1] ?? 0.0) + $amount * $aside * (1 - $down);
                $amounts[$at + $width] = ($amounts[$at + $width] ?? 0.0) + $amount * (1 - $aside) * $down;
                $amounts[$at + $width + 1] = ($amounts[$at + $width + 1] ?? 0.0) + $amount * $aside * $down;
            }
        }
        if ($amounts === []) {
            return null;
        }
        [$left, $top] = [max(0, $left - $margin), max(0, $top - $margin)];
        [$columns, $rows] = [
            min($width - 1, $right + $margin) - $left + 1,
            min($height - 1, $bottom + $margin) - $top + 1,
        ];
        // Most pixels are empty: only those that are not are written.
        $packed = str_repeat("\0", 4 * $columns * $rows);
        foreach ($amounts as $at => $amount) {
            $offset = 4 * ((intdiv($at, $width) - $top) * $columns + ($at % $width) - $left);
            $bytes = pack('g', $amount);
            [$packed[$offset], $packed[$offset + 1], $packed[$offset + 2], $packed[$offset + 3]] = [
                $bytes[0],
                $bytes[1],
                $bytes[2],
                $bytes[3],
            ];
        }

        return new self(Light::fromFloats($vips, $packed, $columns, $rows, 1), $left, $top);
    }
}
