<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/**
 * The graduated filter that brings sky and ground together: what parts them, less the stop by which a sky is brighter
 * anyway, as they are sold: one, two or three stops.
 */
final readonly class GraduatedFilter
{
    private const SKY_STAYS_BRIGHTER = 1.0;

    private const SOLD = [0.0, 1.0, 2.0, 3.0];

    private function __construct(public float $difference, public float $strength)
    {
    }

    /** @param  float  $sky  EV at the same ISO as the ground */
    public static function between(float $sky, float $ground): self
    {
        $difference = $sky - $ground;
        $wanted = $difference - self::SKY_STAYS_BRIGHTER;
        $strength = self::SOLD[0];
        foreach (self::SOLD as $stops) {
            $strength = abs($stops - $wanted) < abs($strength - $wanted) ? $stops : $strength;
        }

        return new self($difference, $strength);
    }
}
