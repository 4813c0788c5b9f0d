<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

use DateTimeImmutable;

/**
 * The sun over one day at one place: when it crosses an altitude. A day runs from midnight to midnight of the given
 * moment's own time zone.
 */
final readonly class SunDay
{
    /**
     * The sun's centre when its upper edge meets the horizon. Almanacs take 50′ (half the disc, 16′, and refraction,
     * 34′);
     * PHP's date_sun_info counts the disc twice and takes 66′. Sixty minutes stand within two minutes of time of both
     * wherever the sun does not graze the horizon, and refraction itself varies by more than the difference.
     */
    public const RISE = -50 / 60;

    public const CIVIL = -6.0;

    public const NAUTICAL = -12.0;

    public const ASTRONOMICAL = -18.0;

    /** The low warm light that photographers plan for: from 4° below the horizon to 6° above it. */
    public const GOLDEN_LOW = -4.0;

    public const GOLDEN_HIGH = 6.0;

    private const STEP = 600;

    /** Half a turn of the sky, and a little more, so that a sun that just grazes an altitude is found; seconds. */
    private const HALF = 43_800;

    private int $noon;

    public function __construct(private Location $place, private DateTimeImmutable $day)
    {
        $midnight = $day->setTime(0, 0)->getTimestamp();
        // Not always 86 400 s: clocks go forward and back.
        $end = $day->setTime(0, 0)->modify('+1 day')->getTimestamp();
        $rough = $this->highest($midnight, $end, 1800);
        $this->noon = $this->highest(max($midnight, $rough - 1800), min($end, $rough + 1800), 60);
    }

    /**
     * The last moment before the day's noon at which the sun climbs through an altitude in degrees, before midnight
     * where nights are short; null when it does not.
     */
    public function rises(float $altitude = self::RISE): ?DateTimeImmutable
    {
        return $this->crossing($altitude, true);
    }

    /** The first moment after noon at which it sinks through an altitude, after midnight where nights are short. */
    public function sets(float $altitude = self::RISE): ?DateTimeImmutable
    {
        return $this->crossing($altitude, false);
    }

    /** The sun stays up, or stays down, all day; null when it rises or sets. */
    public function polar(): ?PolarDay
    {
        if ($this->rises() !== null || $this->sets() !== null) {
            return null;
        }

        return $this->altitude($this->noon) > self::RISE
            ? PolarDay::SunStaysUp
            : PolarDay::SunStaysDown;
    }

    /** @return array{from: ?DateTimeImmutable, to: ?DateTimeImmutable} */
    public function goldenMorning(): array
    {
        return ['from' => $this->rises(self::GOLDEN_LOW), 'to' => $this->rises(self::GOLDEN_HIGH)];
    }

    /** @return array{from: ?DateTimeImmutable, to: ?DateTimeImmutable} */
    public function goldenEvening(): array
    {
        return ['from' => $this->sets(self::GOLDEN_HIGH), 'to' => $this->sets(self::GOLDEN_LOW)];
    }

    /** When the sun stands highest. */
    public function noon(): DateTimeImmutable
    {
        return $this->moment($this->noon);
    }

    private function highest(int $from, int $to, int $step): int
    {
        [$best, $bestAltitude] = [$from, -91.0];
        for ($at = $from; $at < $to; $at += $step) {
            $altitude = $this->altitude($at);
            if ($altitude > $bestAltitude) {
                [$best, $bestAltitude] = [$at, $altitude];
            }
        }

        return $best;
    }

    /** Upwards it is looked for from the night before to noon, downwards from noon to the night after. */
    private function crossing(float $altitude, bool $upwards): ?DateTimeImmutable
    {
        $start = $upwards ? $this->noon - self::HALF : $this->noon;
        $found = null;
        $before = $this->altitude($start) - $altitude;
        for ($at = $start; $at < $start + self::HALF; $at += self::STEP) {
            $after = $this->altitude($at + self::STEP) - $altitude;
            if ($upwards ? $before < 0 && $after >= 0 : $before >= 0 && $after < 0) {
                $found = $this->moment((int) round($this->between($at, $at + self::STEP, $altitude)));
                if (! $upwards) {
                    return $found;
                }
            }
            $before = $after;
        }

        return $found;
    }

    /** Halves the interval down to less than a second. */
    private function between(float $low, float $high, float $altitude): float
    {
        $startsBelow = $this->altitude($low) < $altitude;
        while ($high - $low > 0.5) {
            $middle = ($low + $high) / 2;
            if ($this->altitude($middle) < $altitude === $startsBelow) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    private function altitude(float $timestamp): float
    {
        return Sun::seenFrom($this->place, JulianDay::fromTimestamp($timestamp))->altitude;
    }

    private function moment(int $timestamp): DateTimeImmutable
    {
        return $this->day->setTimestamp($timestamp);
    }
}
