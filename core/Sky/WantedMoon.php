<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

use DateTimeImmutable;
use InvalidArgumentException;

/** The nights on which the moon is as a picture wants it: shape and height, between two hours. */
final readonly class WantedMoon
{
    private const STEP_MINUTES = 10;

    /** Two months show every shape at least once. */
    private const DAYS = 62;

    /**
     * @param  float  $lowest  degrees above the horizon; of no meaning where no moon is wanted
     * @param  float  $highest  degrees
     * @param  int  $from  hour of the day, 0 to 23
     * @param  int  $to  hour; one that is not after the first is on the next day
     *
     * @throws InvalidArgumentException
     */
    public function __construct(
        private Location $place,
        private MoonShape $shape,
        private float $lowest,
        private float $highest,
        private int $from,
        private int $to,
    ) {
        if ($lowest < 0.0 || $highest > 90.0 || $lowest >= $highest) {
            throw new InvalidArgumentException(
                sprintf('Heights go from 0° to 90°, the lower one first; got %s° and %s°.', $lowest, $highest),
            );
        }
        foreach ([$from, $to] as $hour) {
            if ($hour < 0 || $hour > 23) {
                throw new InvalidArgumentException(sprintf('Hours go from 0 to 23; got %d.', $hour));
            }
        }
    }

    /**
     * The first of these nights.
     *
     * @param  DateTimeImmutable  $first  the day to begin with, in the time zone of the place
     * @return list<array{from: DateTimeImmutable, to: DateTimeImmutable, illuminated: float, moon: SkyPosition}>
     *   each with the time for which it holds, and the moon in the middle of that
     */
    public function nights(DateTimeImmutable $first, int $most): array
    {
        $nights = [];
        for ($day = 0; $day < self::DAYS && count($nights) < $most; $day++) {
            $night = $this->night($first->setTime(0, 0)->modify("+$day days"));
            if ($night !== null) {
                $nights[] = $night;
            }
        }

        return $nights;
    }

    /** @return ?array{from: DateTimeImmutable, to: DateTimeImmutable, illuminated: float, moon: SkyPosition} */
    private function night(DateTimeImmutable $day): ?array
    {
        $end = $day->setTime($this->to, 0)->modify($this->to > $this->from ? '+0 days' : '+1 day');
        [$begin, $last] = [null, null];
        for ($at = $day->setTime($this->from, 0); $at <= $end; $at = $at->modify('+'.self::STEP_MINUTES.' minutes')) {
            if ($this->holds($at)) {
                $begin ??= $at;
                $last = $at;
            } elseif ($begin !== null) {
                break;
            }
        }
        if ($begin === null || $last === null || $last <= $begin) {
            return null;
        }
        $middle = JulianDay::fromTimestamp(($begin->getTimestamp() + $last->getTimestamp()) / 2);

        return [
            'from' => $begin,
            'to' => $last,
            'illuminated' => Moon::at($middle)->illuminated,
            'moon' => Moon::seenFrom($this->place, $middle),
        ];
    }

    private function holds(DateTimeImmutable $at): bool
    {
        $now = JulianDay::fromTimestamp((float) $at->getTimestamp());
        $altitude = Moon::seenFrom($this->place, $now)->altitude;

        return $this->shape === MoonShape::None
            ? $altitude < MoonDay::RISE
            : $altitude >= $this->lowest &&
                $altitude <= $this->highest &&
                $this->shape->holds(Moon::at($now)->illuminated);
    }
}
