<?php

declare(strict_types=1);

namespace App\Input;

/** A rectangle on a picture, as forms send it in percent of the frame. */
final class RegionInput
{
    /**
     * @param  array<string, mixed>  $percent  x, y, width, height
     * @return ?array{x: float, y: float, width: float, height: float}
     *   as shares of the frame, 0 to 1; null where nothing, or nothing of a size, was drawn
     */
    public static function shares(array $percent): ?array
    {
        $share = fn (string $key): float => (float) ($percent[$key] ?? 0) / 100;
        // Rounding in the form may reach past the edge by a hair.
        $region = [
            'x' => $share('x'),
            'y' => $share('y'),
            'width' => min($share('width'), 1 - $share('x')),
            'height' => min($share('height'), 1 - $share('y')),
        ];

        return $region['width'] <= 0.0 || $region['height'] <= 0.0 ? null : $region;
    }
}
