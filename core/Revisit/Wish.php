<?php

declare(strict_types=1);

namespace TruePupil\Core\Revisit;

use TruePupil\Core\Sky\Weather;

/** What it takes to take a picture again, and better. What was not said does not matter. */
final readonly class Wish
{
    /**
     * @param  ?int  $fromMonth  1 to 12; a season that ends before it begins goes over the new year
     * @param  ?int  $fromHour  minute of the day
     * @param  ?float  $bearing  where the camera points, degrees
     * @param  ?Tide  $tide  reckoned from a high water of the place
     * @param  ?Weather  $clouds  nobody can date them; they are kept to be looked for in a forecast
     */
    public function __construct(
        public ?int $fromMonth = null,
        public ?int $toMonth = null,
        public ?int $fromHour = null,
        public ?int $toHour = null,
        public SkyWish $sky = new SkyWish(),
        public ?float $bearing = null,
        public ?TideState $water = null,
        public ?Tide $tide = null,
        public ?Weather $clouds = null,
        public string $word = '',
    ) {
    }

    /** Whether anything was said that can be dated. */
    public function canBeDated(): bool
    {
        return $this->fromMonth !== null || $this->sky->sun !== null || $this->sky->moon !== null ||
            $this->sky->light !== null || ($this->water !== null && $this->tide !== null);
    }

    /** Whether a month is in the season. */
    public function isInSeason(int $month): bool
    {
        if ($this->fromMonth === null || $this->toMonth === null) {
            return true;
        }

        return $this->fromMonth <= $this->toMonth
            ? $month >= $this->fromMonth && $month <= $this->toMonth
            : $month >= $this->fromMonth || $month <= $this->toMonth;
    }
}
