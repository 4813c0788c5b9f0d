<?php

declare(strict_types=1);

namespace TruePupil\Core\Plan;

use DateTimeImmutable;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Sky\JulianDay;
use TruePupil\Core\Sky\LightDirection;
use TruePupil\Core\Sky\LightTable;
use TruePupil\Core\Sky\Location;
use TruePupil\Core\Sky\Moon;
use TruePupil\Core\Sky\Sun;
use TruePupil\Core\Sky\Weather;

/** Where and when a picture is planned for. */
final readonly class Outing
{
    /**
     * @param  DateTimeImmutable  $at  in the time zone of the place
     * @param  ?float  $bearing  where the camera points, degrees from north through east; null where nobody said
     */
    public function __construct(
        public Location $place,
        public DateTimeImmutable $at,
        public ?float $bearing = null,
    ) {
    }

    /** The same place and bearing at another moment. */
    public function at(DateTimeImmutable $moment): self
    {
        return new self($this->place, $moment, $this->bearing);
    }

    /** Where the sun's light came from when a picture was taken; null without a bearing, and while the sun is down. */
    public function lightFrom(DateTimeImmutable $taken): ?LightDirection
    {
        return $this->bearing === null ? null : LightDirection::of(
            Sun::seenFrom($this->place, JulianDay::fromTimestamp($this->local($taken)->getTimestamp())),
            $this->bearing,
        );
    }

    /**
     * Minutes between the planned moment and when a picture was taken; positive when it was later. Instants are
     * compared where the record has its offset.
     */
    public function minutesOff(DateTimeImmutable $taken): float
    {
        return ($this->local($taken)->getTimestamp() - $this->at->getTimestamp()) / 60;
    }

    /** Height of the sun, in degrees above the horizon, when a picture was taken. */
    public function sunAltitude(DateTimeImmutable $taken): float
    {
        return Sun::seenFrom($this->place, JulianDay::fromTimestamp($this->local($taken)->getTimestamp()))->altitude;
    }

    /** The light that sun, moon and weather usually give at the planned moment. */
    public function light(Weather $weather): Ev100
    {
        $now = JulianDay::fromTimestamp((float) $this->at->getTimestamp());

        return LightTable::ev100(
            Sun::seenFrom($this->place, $now)->altitude,
            $weather,
            Moon::seenFrom($this->place, $now)->altitude,
            Moon::at($now)->phaseAngle,
        );
    }

    /** The clock of a record without an offset, which is read as UTC, is taken for the time of the place. */
    private function local(DateTimeImmutable $taken): DateTimeImmutable
    {
        return $taken->getTimezone()->getName() !== 'UTC'
            ? $taken
            : new DateTimeImmutable($taken->format('Y-m-d H:i:s'), $this->at->getTimezone());
    }
}
