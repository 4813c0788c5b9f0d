<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

/**
 * How the light of a merged bracket is brought into one picture. Both are one curve for the whole picture that never
 * falls, so that no brighter place ends up darker than a darker one, and nothing has a halo.
 */
enum MergeLook: string
{
    case Natural = 'natural';
    case Even = 'even';

    /** Stops from mid-grey up to white, and down to where a screen shows nothing more. */
    private const ABOVE = 2.4;

    private const BELOW = 6.0;

    public function label(): string
    {
        return match ($this) {
            self::Natural => 'as the eye has it: the middle as it is, the ends rounded off',
            self::Even => 'everything held: the whole range brought into the picture',
        };
    }

    /**
     * @param  float  $stops  of the scene from mid-grey
     * @param  float  $darkest  where the scene's detail begins, stops from mid-grey; below 0
     * @param  float  $brightest  where it ends; above 0
     * @return float stops in the picture
     */
    public function curve(float $stops, float $darkest, float $brightest): float
    {
        return match ($this) {
            self::Natural => $stops > 0
                ? self::ABOVE * (1 - exp(-$stops / self::ABOVE))
                : -self::BELOW * (1 - exp($stops / self::BELOW)),
            self::Even => $stops > 0
                ? $stops * min(1.0, self::ABOVE / max(0.1, $brightest))
                : $stops * min(1.0, self::BELOW / max(0.1, -$darkest)),
        };
    }
}
