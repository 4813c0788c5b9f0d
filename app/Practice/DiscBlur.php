<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\Vips\Light;

/** Blurs by a disc, as a lens out of focus does. Large discs are worked out on a smaller picture and brought back. */
final class DiscBlur
{
    /** Parts of a pixel's side by which a disc's edge is told. */
    private const PARTS = 6;

    /**
     * @param  float  $radius  pixels
     * @param  float  $detail  radius in pixels that is worked out: more is finer and slower
     */
    public static function blur(Light $picture, float $radius, float $detail): Light
    {
        $times = max(1, (int) floor($radius / $detail));
        if ($times === 1) {
            return self::convolve($picture, $radius);
        }
        // Averaging squares and mixing between them spread a point by a variance of times²/4 on each axis, as a disc of
        // radius "times" does: so much is taken off the disc.
        [$width, $height] = [
            $times * (int) ceil($picture->width / $times) + 2 * $times,
            $times * (int) ceil($picture->height / $times) + 2 * $times,
        ];
        $small = $picture->placed($times, $times, $width, $height, true)->shrunk($times);
        $blurred = self::convolve($small, sqrt($radius ** 2 - $times ** 2) / $times);

        return $blurred->resized($width, $height)->cut($times, $times, $picture->width, $picture->height);
    }

    private static function convolve(Light $picture, float $radius): Light
    {
        $reach = (int) ceil($radius - 0.5);
        if ($reach < 1) {
            return $picture;
        }
        $side = 2 * $reach + 1;
        $kernel = [];
        for ($row = -$reach; $row <= $reach; $row++) {
            for ($column = -$reach; $column <= $reach; $column++) {
                $kernel[] = self::share($column, $row, $radius);
            }
        }
        $sum = array_sum($kernel);

        return $picture->convolved(array_map(fn (float $share): float => $share / $sum, $kernel), $side);
    }

    /** How much of a pixel lies inside the disc. */
    private static function share(int $column, int $row, float $radius): float
    {
        $distance = hypot($column, $row);
        if ($distance <= $radius - 0.71) {
            return 1.0;
        }
        if ($distance >= $radius + 0.71) {
            return 0.0;
        }
        $inside = 0;
        for ($part = 0; $part < self::PARTS ** 2; $part++) {
            $x = $column - 0.5 + (0.5 + ($part % self::PARTS)) / self::PARTS;
            $y = $row - 0.5 + (0.5 + intdiv($part, self::PARTS)) / self::PARTS;
            $inside += (int) ($x * $x + $y * $y <= $radius * $radius);
        }

        return $inside / self::PARTS ** 2;
    }
}
