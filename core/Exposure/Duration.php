<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/** A stretch of time in the unit that a person would use. */
final class Duration
{
    /** Seconds that one of a unit has, and from how many on the unit is used. */
    private const UNITS = ['years' => 31_557_600, 'days' => 86_400, 'hours' => 3600, 'minutes' => 60];

    /** @param  float  $seconds  not negative */
    public static function text(float $seconds): string
    {
        foreach (self::UNITS as $unit => $length) {
            // Two at least: "90 minutes" tells more than "2 hours".
            if ($seconds >= 2 * $length) {
                return round($seconds / $length).' '.$unit;
            }
        }

        return round($seconds).' s';
    }
}
