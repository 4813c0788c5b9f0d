<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

use TruePupil\Core\Motion\StarTrail;

/**
 * A made-up night sky that turns as the real one does, once in a sidereal day about the pole. The numbers of stars by
 * brightness are those of the real sky, their places are not.
 */
final readonly class StarField
{
    /** Lux from a star of magnitude 0 (above the air, V band). */
    private const LUX = 2.54e-6;

    /** Stars of the whole sky brighter than each magnitude from 0 on, roughly. */
    private const BRIGHTER = [5, 15, 50, 170, 520, 1600, 4800];

    /**
     * @param  float  $latitude  degrees north
     * @param  float  $facing  degrees from north over east that the plate's z axis points to
     */
    public function __construct(private float $latitude, private float $facing)
    {
    }

    /**
     * Each star's way across the plate in an exposure; the amount is its light in lux.
     *
     * @param  float  $moment  s
     * @param  float  $step  plate widths between the points of a trail
     * @return iterable<Trail>
     */
    public function trails(Viewpoint $view, float $moment, float $seconds, float $step): iterable
    {
        foreach ($this->stars() as [$rightAscension, $declination, $lux]) {
            $middle = $this->place($view, $rightAscension, $declination, $moment + $seconds / 2);
            if (
                $middle === null ||
                $middle['x'] < -0.1 ||
                $middle['x'] > 1.1 ||
                $middle['y'] < -0.1 ||
                $middle['y'] > 1.1
            ) {
                continue;
            }
            $length = (StarTrail::TURNING * cos($declination) * $seconds * $view->focalLength35) / 36;
            $count = 1 + (int) ceil($length / $step);
            $points = [];
            for ($i = 0; $i < $count; $i++) {
                $seen = $this->place($view, $rightAscension, $declination, $moment + ($seconds * ($i + 0.5)) / $count);
                if ($seen !== null) {
                    $points[] = [$seen['x'], $seen['y']];
                }
            }
            if ($points !== []) {
                yield new Trail($points, $lux);
            }
        }
    }

    /** @return iterable<array{float, float, float}> right ascension and declination in radians, lux */
    private function stars(): iterable
    {
        $star = 0;
        foreach (self::BRIGHTER as $magnitude => $brighter) {
            for (; $star < $brighter; $star++) {
                $chance = fn (int $which): float => SeededRandom::of('star '.$star.' '.$which);
                yield [
                    2 * M_PI * $chance(1),
                    asin(2 * $chance(2) - 1),
                    self::LUX * 10 ** (-0.4 * ($magnitude - $chance(3))),
                ];
            }
        }
    }

    /** @return ?array{x: float, y: float} */
    private function place(Viewpoint $view, float $rightAscension, float $declination, float $time): ?array
    {
        $hourAngle = StarTrail::TURNING * $time - $rightAscension;
        $latitude = deg2rad($this->latitude);
        // To the west, to the south and up, then turned to how the plate faces.
        $west = cos($declination) * sin($hourAngle);
        $south = cos($declination) * cos($hourAngle) * sin($latitude) - sin($declination) * cos($latitude);
        $up = cos($declination) * cos($hourAngle) * cos($latitude) + sin($declination) * sin($latitude);
        if ($up <= 0.0) {
            return null;
        }
        $facing = deg2rad($this->facing);
        [$north, $east] = [-$south, -$west];

        return $view->seeDirection([
            $east * cos($facing) - $north * sin($facing),
            $up,
            $north * cos($facing) + $east * sin($facing),
        ]);
    }
}
