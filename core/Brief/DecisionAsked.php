<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Modes\Decider;
use TruePupil\Core\Modes\WhoDecides;

/** A value that a brief wants the student to decide. */
enum DecisionAsked: string
{
    case Aperture = 'aperture';
    case Time = 'time';
    case Iso = 'iso';
    case Compensation = 'compensation';

    public function label(): string
    {
        return match ($this) {
            self::Aperture => 'the aperture',
            self::Time => 'the exposure time',
            self::Iso => 'ISO',
            self::Compensation => 'exposure compensation',
        };
    }

    /** Whether a mode leaves it to the person. Manual needs no compensation: everything is the person's already. */
    public function isLeftTo(ExposureMode $mode, ?bool $isoAutomatic): bool
    {
        $who = WhoDecides::in($mode);

        return match ($this) {
            self::Aperture => $who->aperture === Decider::Person,
            self::Time => $who->time === Decider::Person,
            self::Iso => $who->iso === Decider::Person || ($who->iso === null && $isoAutomatic !== true),
            self::Compensation => $who->compensation || $mode === ExposureMode::Manual,
        };
    }
}
