<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

use TruePupil\Core\Exposure\InvalidExposure;

/** How many frames a bracket needs: ceil((scene range − usable range)/step) + 1, and one where the scene fits. */
final class BracketLength
{
    /** All in stops; step greater than zero. @throws InvalidExposure */
    public static function frames(float $sceneStops, float $usableStops, float $step): int
    {
        InvalidExposure::unlessPositive('bracket step', $step);

        // A hair less, so that thirds that went through sums do not ask for one frame too many.
        return max(1, (int) ceil(($sceneStops - $usableStops) / $step - 1e-9) + 1);
    }
}
