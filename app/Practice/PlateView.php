<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\Vips\Light;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\PracticeCamera\Defocus;

/** From the plate to the picture: what is cut out of it, how fine it is, and what a lens makes of a distance. */
final class PlateView
{
    /** Whether the smaller copies of the plates hold all that the picture can show. */
    public static function isSmall(Region $framing, RenderQuality $fineness): bool
    {
        return $fineness->width <= PlateStore::FINDER_WIDTH * $framing->width + 1;
    }

    public static function framed(Light $plate, Region $framing, RenderQuality $fineness, bool $mixes = true): Light
    {
        return self::cut($plate, $framing)->resized($fineness->width, $fineness->height(), $mixes);
    }

    public static function cut(Light $plate, Region $framing): Light
    {
        if ($framing->width >= 1.0 && $framing->height >= 1.0) {
            return $plate;
        }
        [$width, $height] = [
            (int) round($framing->width * $plate->width),
            (int) round($framing->height * $plate->height),
        ];

        return $plate->cut(
            min($plate->width - $width, (int) round($framing->x * $plate->width)),
            min($plate->height - $height, (int) round($framing->y * $plate->height)),
            $width,
            $height,
        );
    }

    /** Pixels of the picture for each millimetre of the sensor. */
    public static function pixelsPerMillimetre(Rendering $rendering, int $width): float
    {
        return $width / $rendering->optics->format->width;
    }

    public static function defocusAt(Rendering $rendering, RenderQuality $fineness, float $metres): float
    {
        return Defocus::of(
            $rendering->optics->focalLength,
            $rendering->exposure->settings->aperture->exact,
            $rendering->optics->focused,
            self::pixelsPerMillimetre($rendering, $fineness->width),
            $metres,
            $metres,
        )->radius($metres);
    }
}
