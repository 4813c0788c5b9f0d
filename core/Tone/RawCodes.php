<?php

declare(strict_types=1);

namespace TruePupil\Core\Tone;

/**
 * How a sensor's values are told apart: by sixteenths of a stop below the end of their channel. 255 is at the end,
 * where nothing more is told apart; 254 the first sixteenth below; 0 what saw no more than black.
 */
final class RawCodes
{
    public const FULL = 255;

    public const PER_STOP = 16;

    private const FIRST_BELOW = 254;

    /** Stops from the end of the channel, 0 or less: the middle of what a code stands for; null for black. */
    public static function stops(int $code): ?float
    {
        return match (true) {
            $code <= 0 => null,
            $code >= self::FULL => 0.0,
            default => ($code - self::FIRST_BELOW - 0.5) / self::PER_STOP,
        };
    }

    /** The code of a value so many stops below the end. */
    public static function code(float $stops): int
    {
        return $stops >= 0 ? self::FULL : max(1, self::FIRST_BELOW + (int) ceil($stops * self::PER_STOP - 1e-9));
    }
}
