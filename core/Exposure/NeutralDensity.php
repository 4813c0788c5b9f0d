<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/** A neutral-density filter, by the light it takes: stops = log2(factor) = density / log10(2). */
final readonly class NeutralDensity
{
    private function __construct(public Stops $stops)
    {
    }

    public static function ofStops(float $stops): self
    {
        return new self(Stops::of($stops));
    }

    /** By filter factor, e.g. 1000 for ten stops. @throws InvalidExposure when not greater than zero */
    public static function ofFactor(float $factor): self
    {
        return new self(Stops::ofRatio($factor));
    }

    /** By optical density, e.g. 0.9 for three stops. */
    public static function ofDensity(float $density): self
    {
        return new self(Stops::of($density / log10(2)));
    }

    /**
     * The filter that turns one exposure time into a longer one at the same aperture, with ISO allowed to change.
     * Times in seconds. From 1/8 s at ISO 200 to 4 s at ISO 100 it takes four stops.
     */
    public static function between(
        float $fromSeconds,
        float $toSeconds,
        float $fromIso = 100.0,
        float $toIso = 100.0,
    ): self {
        // By the dial: 30 s and 240 s are three stops apart.
        return new self(
            ExposureTime::of($toSeconds)->stopsMoreLightThan(ExposureTime::of($fromSeconds))
                ->plus(Iso::of($toIso)->stopsMoreThan(Iso::of($fromIso))),
        );
    }

    public function factor(): float
    {
        return $this->stops->ratio();
    }
}
