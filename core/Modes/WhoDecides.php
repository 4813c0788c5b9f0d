<?php

declare(strict_types=1);

namespace TruePupil\Core\Modes;

use TruePupil\Core\Kit\ExposureMode;

/** Who decides aperture, time, ISO and compensation in a mode. */
final readonly class WhoDecides
{
    private function __construct(
        public Decider $aperture,
        public Decider $time,
        /** Null: either, as the person likes. */
        public ?Decider $iso,
        /** Whether a person can ask for more or less light than the meter wants. */
        public bool $compensation,
    ) {
    }

    public static function in(ExposureMode $mode): self
    {
        [$person, $camera] = [Decider::Person, Decider::Camera];
        [$aperture, $time, $iso] = match ($mode) {
            ExposureMode::Auto, ExposureMode::Scene, ExposureMode::Unknown => [$camera, $camera, $camera],
            ExposureMode::Program => [$camera, $camera, null],
            ExposureMode::Aperture => [$person, $camera, null],
            ExposureMode::Shutter => [$camera, $person, null],
            ExposureMode::Manual, ExposureMode::Bulb => [$person, $person, $person],
            ExposureMode::ManualAutoIso => [$person, $person, $camera],
        };

        return new self($aperture, $time, $iso, $mode->takesCompensation());
    }
}
