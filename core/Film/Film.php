<?php

declare(strict_types=1);

namespace TruePupil\Core\Film;

use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;

/** A film in the camera: its box speed, kind and answer to long exposures. Its speed is fixed for the whole roll. */
final readonly class Film
{
    /** Colour and speed fade: about a stop in ten years is the usual allowance for film kept at room temperature. */
    private const STOPS_LOST_PER_YEAR = 0.1;

    /** @throws InvalidExposure when the exponent is below 1 or the age negative */
    public function __construct(
        public string $name,
        public Iso $boxSpeed,
        public FilmKind $kind,
        public float $reciprocity = Reciprocity::TYPICAL,
        public float $yearsExpired = 0.0,
    ) {
        if ($reciprocity < 1.0 || ! is_finite($reciprocity)) {
            throw InvalidExposure::notPositive('reciprocity exponent less 1', $reciprocity - 1);
        }
        if ($yearsExpired < 0.0 || ! is_finite($yearsExpired)) {
            throw InvalidExposure::notFinite('years past the date on the box', $yearsExpired);
        }
    }

    /** Light beyond box speed that rating it at an exposure index gives; positive is more generous. */
    public function generosity(Iso $exposureIndex): Stops
    {
        return $this->boxSpeed->stopsMoreThan($exposureIndex);
    }

    /** Light that age asks for on top, in stops. */
    public function ageing(): Stops
    {
        return Stops::of($this->yearsExpired * self::STOPS_LOST_PER_YEAR);
    }

    /** What a metered time has to become, in seconds. */
    public function correctedTime(float $seconds): float
    {
        return Reciprocity::corrected($seconds, $this->reciprocity);
    }
}
