<?php

declare(strict_types=1);

namespace App\Input;

use TruePupil\Core\Composition\Region;

/** A rectangle on a picture, as forms send it in percent of the frame. */
final class RegionInput
{
    /**
     * @param  array<string, mixed>  $percent  x, y, width, height
     * @return ?Region null where nothing, or nothing of a size, was drawn
     */
    public static function read(array $percent): ?Region
    {
        $share = fn (string $key): float => (float) ($percent[$key] ?? 0) / 100;
        // Rounding in the form may reach past the edge by a hair.
        [$width, $height] = [min($share('width'), 1 - $share('x')), min($share('height'), 1 - $share('y'))];

        return $width <= 0.0 || $height <= 0.0 ? null : Region::of($share('x'), $share('y'), $width, $height);
    }

    /** @return array{x: float, y: float, width: float, height: float} in percent, as the form has it */
    public static function write(Region $region): array
    {
        $percent = fn (float $share): float => round(100 * $share, 2);

        return [
            'x' => $percent($region->x),
            'y' => $percent($region->y),
            'width' => $percent($region->width),
            'height' => $percent($region->height),
        ];
    }
}
