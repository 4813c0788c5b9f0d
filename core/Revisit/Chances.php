<?php

declare(strict_types=1);

namespace TruePupil\Core\Revisit;

use DateTimeImmutable;
use TruePupil\Core\Sky\JulianDay;
use TruePupil\Core\Sky\LightDirection;
use TruePupil\Core\Sky\Location;
use TruePupil\Core\Sky\Moon;
use TruePupil\Core\Sky\MoonDay;
use TruePupil\Core\Sky\MoonShape;
use TruePupil\Core\Sky\Sun;

/** The next days on which a wish can come true, as far as it can be reckoned. */
final readonly class Chances
{
    private const STEP_MINUTES = 10;

    /** A year holds every season, and each moon in each of them. */
    private const DAYS = 366;

    private const LAST_MINUTE = 1430;

    public function __construct(private Location $place, private Wish $wish)
    {
    }

    /**
     * @param  DateTimeImmutable  $first  the day to begin with, in the time zone of the place
     * @return list<Chance> one a day, the longest of that day; none for a wish that cannot be dated
     */
    public function after(DateTimeImmutable $first, int $most): array
    {
        $chances = [];
        if (! $this->wish->canBeDated()) {
            return $chances;
        }
        for ($day = 0; $day < self::DAYS && count($chances) < $most; $day++) {
            $date = $first->setTime(0, 0)->modify("+$day days");
            $chance = $this->wish->isInSeason((int) $date->format('n')) ? $this->on($date) : null;
            if ($chance !== null) {
                $chances[] = $chance;
            }
        }

        return $chances;
    }

    private function on(DateTimeImmutable $date): ?Chance
    {
        $from = $this->wish->fromHour ?? 0;
        $to = $this->wish->toHour ?? self::LAST_MINUTE;
        $to = $to <= $from ? $to + 24 * 60 : $to;
        [$longest, $begin, $last] = [null, null, null];
        for ($minute = $from; $minute <= $to + self::STEP_MINUTES; $minute += self::STEP_MINUTES) {
            $at = $date->modify('+'.intdiv($minute, 24 * 60).' days')->setTime(intdiv($minute, 60) % 24, $minute % 60);
            if ($minute <= $to && $this->holds($at)) {
                $begin ??= $at;
                $last = $at;
            } elseif ($begin !== null && $last !== null) {
                $length = $last->getTimestamp() - $begin->getTimestamp();
                if ($length > 0 && ($longest === null || $length > $longest[2])) {
                    $longest = [$begin, $last, $length];
                }
                [$begin, $last] = [null, null];
            }
        }

        return $longest === null ? null : $this->chance($longest[0], $longest[1]);
    }

    private function chance(DateTimeImmutable $from, DateTimeImmutable $to): Chance
    {
        $middle = JulianDay::fromTimestamp(($from->getTimestamp() + $to->getTimestamp()) / 2);

        return new Chance(
            $from,
            $to,
            Sun::seenFrom($this->place, $middle),
            Moon::seenFrom($this->place, $middle),
            Moon::at($middle)->illuminated,
        );
    }

    /** The cheapest question first: most moments fail at it. */
    private function holds(DateTimeImmutable $at): bool
    {
        $wish = $this->wish;
        if ($wish->water !== null && $wish->tide !== null && ! $wish->tide->isIn($wish->water, $at)) {
            return false;
        }
        $now = JulianDay::fromTimestamp((float) $at->getTimestamp());
        if ($wish->sky->sun !== null || $wish->sky->light !== null) {
            $sun = Sun::seenFrom($this->place, $now);
            if ($wish->sky->sun !== null && ! $wish->sky->sun->holds($sun->altitude)) {
                return false;
            }
            if (
                $wish->sky->light !== null && $wish->bearing !== null &&
                LightDirection::of($sun, $wish->bearing) !== $wish->sky->light
            ) {
                return false;
            }
        }

        return $wish->sky->moon === null || $this->moonHolds($wish->sky->moon, $now);
    }

    private function moonHolds(MoonShape $wanted, JulianDay $now): bool
    {
        $isUp = Moon::seenFrom($this->place, $now)->altitude >= MoonDay::RISE;
        if ($wanted === MoonShape::None) {
            return ! $isUp;
        }

        return $isUp === $this->wish->sky->moonUp && $wanted->holds(Moon::at($now)->illuminated);
    }
}
