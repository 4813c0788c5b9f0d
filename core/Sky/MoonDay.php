<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

use DateTimeImmutable;

/**
 * The moon over one day at one place: when its upper edge meets the horizon. A day runs from midnight to midnight of
 * the given moment's own time zone. The moon is about fifty minutes later every day, so that once a month it does not
 * rise, and once it does not set.
 */
final readonly class MoonDay
{
    /** The moon's centre then: 34′ of refraction and 16′ of its disc, as almanacs take them. */
    public const RISE = -0.83;

    private const STEP = 600;

    private int $from;

    private int $to;

    public function __construct(private Location $place, private DateTimeImmutable $day)
    {
        $this->from = $day->setTime(0, 0)->getTimestamp();
        // Not always 86 400 s: clocks go forward and back.
        $this->to = $day->setTime(0, 0)->modify('+1 day')->getTimestamp();
    }

    public function rises(): ?DateTimeImmutable
    {
        return $this->crossing(true);
    }

    public function sets(): ?DateTimeImmutable
    {
        return $this->crossing(false);
    }

    private function crossing(bool $upwards): ?DateTimeImmutable
    {
        for ($at = $this->from; $at < $this->to; $at += self::STEP) {
            $next = min($at + self::STEP, $this->to);
            if ($this->isUp($at) !== $upwards && $this->isUp($next) === $upwards) {
                return $this->between($at, $next, $upwards);
            }
        }

        return null;
    }

    /** Halves the interval down to a second. */
    private function between(int $low, int $high, bool $upwards): DateTimeImmutable
    {
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            if ($this->isUp($middle) === $upwards) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return $this->day->setTimestamp($high);
    }

    private function isUp(int $timestamp): bool
    {
        return Moon::seenFrom($this->place, JulianDay::fromTimestamp((float) $timestamp))->altitude >= self::RISE;
    }
}
