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
    public const RISE = -1.0;

    public const CIVIL = -6.0;

    public const NAUTICAL = -12.0;

    public const ASTRONOMICAL = -18.0;

    /** The low warm light that photographers plan for: from 4° below the horizon to 6° above it. */
    public const GOLDEN_LOW = -4.0;

    public const GOLDEN_HIGH = 6.0;

    private const STEP = 600;

    private int $midnight;

    private int $length;

    public function __construct(private Location $place, private DateTimeImmutable $day)
    {
        $this->midnight = $day->setTime(0, 0)->getTimestamp();
        // Not always 86 400 s: clocks go forward and back.
        $this->length = $day->setTime(0, 0)->modify('+1 day')->getTimestamp() - $this->midnight;
    }

    /** First moment of the day at which the sun climbs through an altitude in degrees; null when it does not. */
    public function rises(float $altitude = self::RISE): ?DateTimeImmutable
    {
        return $this->crossing($altitude, true);
    }

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

        return $this->altitude($this->midnight + intdiv($this->length, 2)) > self::RISE
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
        [$best, $bestAltitude] = [$this->midnight, -91.0];
        for ($at = $this->midnight; $at < $this->midnight + $this->length; $at += 60) {
            $altitude = $this->altitude($at);
            if ($altitude > $bestAltitude) {
                [$best, $bestAltitude] = [$at, $altitude];
            }
        }

        return $this->moment($best);
    }

    private function crossing(float $altitude, bool $upwards): ?DateTimeImmutable
    {
        $before = $this->altitude($this->midnight) - $altitude;
        for ($at = $this->midnight; $at < $this->midnight + $this->length; $at += self::STEP) {
            $after = $this->altitude($at + self::STEP) - $altitude;
            if ($upwards ? $before < 0 && $after >= 0 : $before >= 0 && $after < 0) {
                $moment = $this->between($at, $at + self::STEP, $altitude);

                return $moment < $this->midnight + $this->length ? $this->moment((int) round($moment)) : null;
            }
            $before = $after;
        }

        return null;
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
