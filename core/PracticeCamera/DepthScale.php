<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

/**
 * Distances as whole levels, evenly in their logarithm, so that a picture of them fits a small table: 4096 levels from
 * 0.25 m to 500 m, each 0.19 % farther than the one before. The last level is infinity.
 */
final class DepthScale
{
    public const LEVELS = 4096;

    public const NEAREST = 0.25;

    public const FARTHEST = 500.0;

    /** Metres at a level; INF for the last. */
    public static function metres(int $level): float
    {
        return $level >= self::LEVELS - 1 ? INF : self::NEAREST * exp($level / self::perLog());
    }

    /** The level of a distance in metres. */
    public static function level(float $metres): int
    {
        return $metres >= self::FARTHEST
            ? self::LEVELS - 1
            : (int) max(0, round(self::perLog() * log(max(self::NEAREST, $metres) / self::NEAREST)));
    }

    /** Levels for each unit of the natural logarithm. */
    public static function perLog(): float
    {
        return (self::LEVELS - 2) / log(self::FARTHEST / self::NEAREST);
    }
}
