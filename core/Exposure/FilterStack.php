<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/** Filters on one another: stops add up, factors multiply, densities add up. */
final readonly class FilterStack
{
    private function __construct(public Stops $stops)
    {
    }

    /** @param  list<float>  $stops  of each */
    public static function of(array $stops): self
    {
        return new self(Stops::of(array_sum($stops)));
    }

    public function factor(): float
    {
        return $this->stops->ratio();
    }

    public function density(): float
    {
        return $this->stops->value * log10(2);
    }
}
