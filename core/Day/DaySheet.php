<?php

declare(strict_types=1);

namespace TruePupil\Core\Day;

use DateTimeImmutable;
use DateTimeZone;
use TruePupil\Core\Plan\Outing;
use TruePupil\Core\Sky\Location;

/** What is to be looked at, settled and photographed on one day at one place. */
final readonly class DaySheet
{
    /**
     * @param  ?int  $begins  minute of the day; null: not said
     * @param  ?int  $ends  minute of the day; before the beginning it is of the night after
     * @param  list<Scouted>  $scouting
     * @param  list<Shot>  $shots  as they were written down
     */
    public function __construct(
        public string $title = '',
        public ?DateTimeImmutable $date = null,
        public ?Location $place = null,
        public ?int $begins = null,
        public ?int $ends = null,
        public array $scouting = [],
        public array $shots = [],
    ) {
    }

    /** Minutes that all shots take together. */
    public function minutes(): int
    {
        return array_sum(array_map(fn (Shot $shot): int => $shot->minutes, $this->shots));
    }

    /** Minutes between beginning and end; null where one of them is not said. */
    public function available(): ?int
    {
        return $this->begins === null || $this->ends === null ? null : $this->afterBeginning($this->ends) -
            $this->begins;
    }

    /**
     * The shots in the order of the day: those with a fixed hour at theirs, the others between them, surroundings
     * before details before moments, as written down within each. One that would run into a fixed hour waits until
     * after it, and a shorter one takes its turn.
     *
     * @return list<PlacedShot> without hours to begin at, all start at 0
     */
    public function order(): array
    {
        [$fixed, $free] = [[], []];
        foreach ($this->shots as $shot) {
            $shot->at === null || $this->begins === null ? $free[] = $shot : $fixed[] = $shot;
        }
        // Sorting keeps what is equal in the order in which it was written down.
        usort($free, fn (Shot $a, Shot $b): int => $a->kind->rank() <=> $b->kind->rank());
        if ($this->begins === null) {
            return array_map(fn (Shot $shot): PlacedShot => new PlacedShot($shot, 0), $free);
        }
        usort($fixed, fn (Shot $a, Shot $b): int => $this->fixedAt($a) <=> $this->fixedAt($b));
        [$placed, $now] = [[], $this->begins];
        foreach ($fixed as $next) {
            foreach ($free as $index => $shot) {
                if ($now + $shot->minutes <= $this->fixedAt($next)) {
                    $placed[] = $this->place($shot, $now);
                    $now += $shot->minutes;
                    unset($free[$index]);
                }
            }
            $late = max(0, $now - $this->fixedAt($next));
            $placed[] = $this->place($next, $this->fixedAt($next), $late);
            $now = max($now, $this->fixedAt($next)) + $next->minutes;
        }
        foreach ($free as $shot) {
            $placed[] = $this->place($shot, $now);
            $now += $shot->minutes;
        }

        return $placed;
    }

    /** Where and when a shot is taken; null without date, place and hour. */
    public function outing(PlacedShot $shot): ?Outing
    {
        if ($this->date === null || $this->place === null || $this->begins === null) {
            return null;
        }

        return new Outing($this->place, $this->moment($shot->starts), $shot->shot->bearing);
    }

    /** A minute of the day in the day's own time zone. */
    public function moment(int $minute): DateTimeImmutable
    {
        return ($this->date ?? new DateTimeImmutable('1970-01-01', new DateTimeZone('UTC')))
            ->setTime(0, 0)
            ->modify('+'.intdiv($minute, DayTime::DAY).' days')
            ->setTime(intdiv($minute % DayTime::DAY, 60), $minute % 60);
    }

    private function place(Shot $shot, int $starts, int $late = 0): PlacedShot
    {
        $end = $this->ends === null ? null : $this->afterBeginning($this->ends);

        return new PlacedShot($shot, $starts, $late, $end === null ? 0 : max(0, $starts + $shot->minutes - $end));
    }

    private function fixedAt(Shot $shot): int
    {
        return $this->afterBeginning($shot->at ?? 0);
    }

    private function afterBeginning(int $minute): int
    {
        return $minute < ($this->begins ?? 0) ? $minute + DayTime::DAY : $minute;
    }
}
