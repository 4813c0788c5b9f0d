<?php

declare(strict_types=1);

namespace TruePupil\Core\Day;

/** A shot with its time of the day. */
final readonly class PlacedShot
{
    /**
     * @param  int  $starts  minutes after midnight of the day; from 1440 on it is the night after
     * @param  int  $late  minutes by which what comes before it runs into its fixed time; 0: it fits
     * @param  int  $over  minutes by which it ends after the day does; 0: it fits
     */
    public function __construct(public Shot $shot, public int $starts, public int $late = 0, public int $over = 0)
    {
    }

    public function ends(): int
    {
        return $this->starts + $this->shot->minutes;
    }

    /** What does not fit, or null. */
    public function problem(): ?string
    {
        return match (true) {
            $this->late > 0 => sprintf(
                'It has to be taken at %s, and what comes before it ends %s later.',
                DayTime::text($this->shot->at ?? 0),
                DayTime::minutes($this->late),
            ),
            $this->over > 0 => sprintf('It ends %s after the day does.', DayTime::minutes($this->over)),
            default => null,
        };
    }
}
