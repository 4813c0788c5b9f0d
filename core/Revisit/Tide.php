<?php

declare(strict_types=1);

namespace TruePupil\Core\Revisit;

use DateTimeImmutable;

/**
 * Where the tide stands, reckoned from one high water that a table of the place gives: the principal lunar tide alone,
 * 12 h 25.2 min from one high water to the next (Doodson's M2, 28.9841° an hour). Sun, shore and wind shift it by up to
 * about an hour and more, so it finds days to look up and replaces no table.
 */
final readonly class Tide
{
    /** Seconds from one high water to the next. */
    public const PERIOD = 360.0 / 28.9841042 * 3600.0;

    /** Share of the period, to either side, that still counts as high or low: an hour and a quarter. */
    private const NEAR = 0.1;

    public function __construct(private DateTimeImmutable $highWater)
    {
    }

    /** Share of the way from one high water to the next, 0 to below 1. */
    public function phase(DateTimeImmutable $at): float
    {
        $periods = ($at->getTimestamp() - $this->highWater->getTimestamp()) / self::PERIOD;

        return $periods - floor($periods);
    }

    public function isIn(TideState $state, DateTimeImmutable $at): bool
    {
        $phase = $this->phase($at);

        return match ($state) {
            TideState::High => $phase <= self::NEAR || $phase >= 1 - self::NEAR,
            TideState::Low => abs($phase - 0.5) <= self::NEAR,
            TideState::Falling => $phase > self::NEAR && $phase < 0.5 - self::NEAR,
            TideState::Rising => $phase > 0.5 + self::NEAR && $phase < 1 - self::NEAR,
        };
    }
}
