<?php

declare(strict_types=1);

namespace App\PracticeCamera;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\PracticeCamera\Trail;

/** Trails laid down on a picture, each one's amount spread evenly along it and shared among the pixels that it passes. */
final class TrailDrawing
{
    /**
     * One band: amount in each pixel.
     *
     * @param  iterable<Trail>  $trails
     */
    public static function draw(Vips $vips, iterable $trails, Region $framing, int $width, int $height): Light
    {
        $grid = array_fill(0, $width * $height, 0.0);
        foreach ($trails as $trail) {
            $amount = $trail->amount / count($trail->points);
            foreach ($trail->points as [$x, $y]) {
                $x = ($x - $framing->x) / $framing->width * $width - 0.5;
                $y = ($y - $framing->y) / $framing->height * $height - 0.5;
                [$column, $row] = [(int) floor($x), (int) floor($y)];
                if ($column < 0 || $row < 0 || $column >= $width - 1 || $row >= $height - 1) {
                    continue;
                }
                [$right, $down] = [$x - $column, $y - $row];
                $at = $row * $width + $column;
                $grid[$at] += $amount * (1 - $right) * (1 - $down);
                $grid[$at + 1] += $amount * $right * (1 - $down);
                $grid[$at + $width] += $amount * (1 - $right) * $down;
                $grid[$at + $width + 1] += $amount * $right * $down;
            }
        }

        return Light::fromFloats($vips, pack('g*', ...$grid), $width, $height, 1);
    }
}
