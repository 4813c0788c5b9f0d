<?php

declare(strict_types=1);

namespace TruePupil\Core\Film;

use TruePupil\Core\Exposure\InvalidExposure;

/**
 * Film answers less and less to long exposures: beyond one second the metered time t becomes t^p. The exponent is the
 * film's own; 1.3 is typical.
 *
 * Example: 10 s with p = 1.3 → 20 s.
 */
final class Reciprocity
{
    public const TYPICAL = 1.3;

    /** Corrected time in seconds. @throws InvalidExposure when the time is not positive or the exponent below 1 */
    public static function corrected(float $seconds, float $exponent = self::TYPICAL): float
    {
        self::check($seconds, $exponent);

        return $seconds <= 1.0 ? $seconds : $seconds ** $exponent;
    }

    /**
     * What an exposure comes to on a film that tires, in seconds of one that does not: corrected() undone.
     *
     * @throws InvalidExposure when the time is not positive or the exponent below 1
     */
    public static function effective(float $seconds, float $exponent = self::TYPICAL): float
    {
        self::check($seconds, $exponent);

        return $seconds <= 1.0 ? $seconds : $seconds ** (1 / $exponent);
    }

    /** @throws InvalidExposure */
    private static function check(float $seconds, float $exponent): void
    {
        InvalidExposure::unlessPositive('exposure time', $seconds);
        if (! is_finite($exponent) || $exponent < 1.0) {
            throw InvalidExposure::notPositive('reciprocity exponent less 1', $exponent - 1);
        }
    }
}
