<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\Composition\Region;

/** What lies at the focus point: a place of the plate, or what crosses it at that moment. */
final class FocusTarget
{
    /**
     * The focus point in fractions of the frame; it goes with what it tracks for as long as that is in the frame.
     *
     * @return array{x: float, y: float}
     */
    public static function point(Shot $shot, Region $framing): array
    {
        $mover = $shot->focusing->tracks ? self::mover($shot, $framing) : null;

        return $mover !== null && min($mover['x'], $mover['y']) >= 0.0 && max($mover['x'], $mover['y']) <= 1.0
            ? ['x' => $mover['x'], 'y' => $mover['y']]
            : $shot->focusing->point;
    }

    /**
     * The distance in metres of what crosses the scene, where the point lies on it.
     *
     * @param  array{x: float, y: float}  $point  of the frame
     */
    public static function moverAt(Shot $shot, Region $framing, array $point): ?float
    {
        $mover = self::mover($shot, $framing);

        return $mover !== null &&
            abs($point['x'] - $mover['x']) <= $mover['across'] &&
            abs($point['y'] - $mover['y']) <= $mover['down']
            ? $shot->scene->motion->crossing?->distanceAt($shot->press->moment)
            : null;
    }

    /**
     * Where what crosses the scene is in the frame, and how far it reaches to either side; fractions of the frame,
     * which it may have left.
     *
     * @return ?array{x: float, y: float, across: float, down: float}
     */
    public static function mover(Shot $shot, Region $framing): ?array
    {
        [$crossing, $mover] = [$shot->scene->motion->crossing, $shot->scene->motion->mover];
        if ($crossing === null || $mover === null) {
            return null;
        }
        $moment = $shot->press->moment;
        $place = $crossing->place($shot->scene->view, $moment, $mover->point);
        $growth = $crossing->growth($moment);

        return [
            ...self::turned(
                [
                    'x' => ($place['x'] - $framing->x) / $framing->width,
                    'y' => ($place['y'] - $framing->y) / $framing->height,
                ],
                -$shot->hold->lean,
            ),
            'across' => ($mover->reach[0] * $growth) / $framing->width,
            'down' => ($mover->reach[1] * $growth) / $framing->height,
        ];
    }

    /**
     * A place of the frame, on the plate.
     *
     * @param  array{x: float, y: float}  $point
     * @return array{float, float}
     */
    public static function onPlate(Region $framing, array $point, float $lean): array
    {
        $turned = self::turned($point, $lean);

        return [$framing->x + $turned['x'] * $framing->width, $framing->y + $turned['y'] * $framing->height];
    }

    /**
     * Turned clockwise about the middle of a frame that is three wide to two high.
     *
     * @param  array{x: float, y: float}  $point
     * @return array{x: float, y: float}
     */
    private static function turned(array $point, float $degrees): array
    {
        if ($degrees === 0.0) {
            return $point;
        }
        [$x, $y] = [1.5 * ($point['x'] - 0.5), $point['y'] - 0.5];
        [$sine, $cosine] = [sin(deg2rad($degrees)), cos(deg2rad($degrees))];

        return ['x' => 0.5 + ($x * $cosine - $y * $sine) / 1.5, 'y' => 0.5 + $x * $sine + $y * $cosine];
    }
}
