<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

/** Moments as astronomers count them. Formulas: J. Meeus, Astronomical Algorithms, chapters 10, 12 and 22. */
final readonly class JulianDay
{
    /** Difference between dynamical and universal time, seconds: about 70 in this century's first half. */
    private const DELTA_T = 70.0;

    private function __construct(public float $universal)
    {
    }

    /** Seconds since 1970-01-01T00:00:00Z. */
    public static function fromTimestamp(float $seconds): self
    {
        return new self($seconds / 86400.0 + 2440587.5);
    }

    /** Julian centuries of dynamical time since J2000.0. */
    public function centuries(): float
    {
        return ($this->universal + self::DELTA_T / 86400.0 - 2451545.0) / 36525.0;
    }

    /** Mean sidereal time at Greenwich, degrees (12.4). */
    public function siderealTime(): float
    {
        $days = $this->universal - 2451545.0;
        $centuries = $days / 36525.0;

        return 280.46061837 + 360.98564736629 * $days + 0.000387933 * $centuries ** 2;
    }

    /** Obliquity of the ecliptic, degrees (22.2, without nutation). */
    public function obliquity(): float
    {
        return 23.4392911 - 0.0130042 * $this->centuries();
    }
}
