<?php

declare(strict_types=1);

namespace TruePupil\Core\Plan;

use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\NeutralDensity;
use TruePupil\Core\Exposure\Stops;

/** The arithmetic of a filter in words: from the time without it, by its stops, to the time with it. */
final readonly class FilterSum
{
    private function __construct(
        public ExposureTime $without,
        public ExposureTime $with,
        public NeutralDensity $filter,
    ) {
    }

    /**
     * @param  float  $stops  greater than zero
     * @param  ExposureTime  $with  the time that the filter is used at
     */
    public static function of(float $stops, ExposureTime $with): self
    {
        return new self(ExposureTime::nearest($with->exact / 2 ** $stops), $with, NeutralDensity::ofStops($stops));
    }

    public function sentence(): string
    {
        return sprintf(
            '%s without a filter; %s take it to %s (factor %s, density %s).',
            $this->without,
            $this->filter->stops->inWords(),
            $this->with,
            number_format($this->filter->factor(), 0, '.', ''),
            number_format($this->filter->stops->value * log10(2), 1, '.', ''),
        );
    }

    public function stops(): Stops
    {
        return $this->filter->stops;
    }
}
