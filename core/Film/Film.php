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

    /** Further than this no laboratory pushes or pulls, in stops. */
    public const MOST_PUSHED = 3.0;

    /**
     * @param  float  $pushed  stops of longer development that were declared; negative for pulled
     * @param  ?Iso  $exposureIndex  at which its owner means to expose the roll; null: nobody said
     *
     * @throws InvalidExposure when the exponent is below 1, the age negative or the development beyond three stops
     */
    public function __construct(
        public string $name,
        public Iso $boxSpeed,
        public FilmKind $kind,
        public float $reciprocity = Reciprocity::TYPICAL,
        public float $yearsExpired = 0.0,
        public float $pushed = 0.0,
        public ?Iso $exposureIndex = null,
    ) {
        if ($reciprocity < 1.0 || ! is_finite($reciprocity)) {
            throw InvalidExposure::notPositive('reciprocity exponent less 1', $reciprocity - 1);
        }
        if ($yearsExpired < 0.0 || ! is_finite($yearsExpired)) {
            throw InvalidExposure::notFinite('years past the date on the box', $yearsExpired);
        }
        if (! is_finite($pushed) || abs($pushed) > self::MOST_PUSHED) {
            throw InvalidExposure::outside('push or pull', $pushed, -self::MOST_PUSHED, self::MOST_PUSHED);
        }
    }

    /** Light beyond box speed that rating it at an exposure index gives; positive is more generous. */
    public function generosity(Iso $exposureIndex): Stops
    {
        return $this->boxSpeed->stopsMoreThan($exposureIndex);
    }

    /** The speed that its development is meant for: box speed, as far as it is pushed or pulled. */
    public function developedSpeed(): Iso
    {
        return $this->pushed === 0.0 ? $this->boxSpeed : Iso::nearest($this->boxSpeed->exact * 2 ** $this->pushed);
    }

    /** The speed that the roll is to be exposed at: as its owner says, else what it is developed for. */
    public function ratedSpeed(): Iso
    {
        return $this->exposureIndex ?? $this->developedSpeed();
    }

    /** Light beyond what the development is meant for; positive is more generous. */
    public function beyondDevelopment(Iso $exposureIndex): Stops
    {
        return $this->developedSpeed()->stopsMoreThan($exposureIndex);
    }

    /** Light that age asks for on top, in stops: of negatives. A slide has no room for it. */
    public function ageing(): Stops
    {
        return Stops::of($this->kind->protectsShadows() ? $this->yearsExpired * self::STOPS_LOST_PER_YEAR : 0.0);
    }

    /** What a metered time has to become, in seconds. */
    public function correctedTime(float $seconds): float
    {
        return Reciprocity::corrected($seconds, $this->reciprocity);
    }

    /** Seconds that give so many stops more than so many seconds do on this film. */
    public function timeWith(Stops $more, float $seconds): float
    {
        return $this->correctedTime(Reciprocity::effective($seconds, $this->reciprocity) * $more->ratio());
    }

    /** Light that is lost on it in so many seconds, because it tires; none up to a second. */
    public function lostToReciprocity(float $seconds): Stops
    {
        return Stops::ofRatio($seconds / Reciprocity::effective($seconds, $this->reciprocity));
    }
}
