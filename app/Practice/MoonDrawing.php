<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\PracticeCamera\MoonDisc;
use TruePupil\Core\PracticeCamera\Viewpoint;

/** The moon in a frame, in cd/m². */
final class MoonDrawing
{
    private const PARTS = 4;

    public static function draw(
        Vips $vips,
        MoonDisc $moon,
        Viewpoint $view,
        Region $framing,
        RenderQuality $fineness,
    ): Light {
        [$width, $height] = [$fineness->width, $fineness->height()];
        $black = Light::fromFloats($vips, pack('g', 0.0), 1, 1, 1)->placed(0, 0, $width, $height, true);
        $seen = $view->seeDirection($moon->direction);
        if ($seen === null) {
            return $black;
        }
        $radius = (($moon->diameter($view) / $framing->width) * $width) / 2;
        [$x, $y] = [
            (($seen['x'] - $framing->x) / $framing->width) * $width,
            (($seen['y'] - $framing->y) / $framing->height) * $height,
        ];
        [$left, $top] = [(int) floor($x - $radius) - 1, (int) floor($y - $radius) - 1];
        $side = (int) ceil(2 * $radius) + 4;
        $values = [];
        for ($row = 0; $row < $side; $row++) {
            for ($column = 0; $column < $side; $column++) {
                $lit = 0;
                for ($part = 0; $part < self::PARTS ** 2; $part++) {
                    $lit += (int) $moon->isLit(
                        ($left + $column + (0.5 + ($part % self::PARTS)) / self::PARTS - $x) / $radius,
                        ($top + $row + (0.5 + intdiv($part, self::PARTS)) / self::PARTS - $y) / $radius,
                    );
                }
                $values[] = (MoonDisc::LUMINANCE * $lit) / self::PARTS ** 2;
            }
        }
        if ($left >= $width || $top >= $height || $left + $side <= 0 || $top + $side <= 0) {
            return $black;
        }

        return Light::fromFloats($vips, pack('g*', ...$values), $side, $side, 1)->placed(
            $left,
            $top,
            $width,
            $height,
            false,
        );
    }
}
