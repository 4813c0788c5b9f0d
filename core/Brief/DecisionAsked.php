<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Modes\Decider;
use TruePupil\Core\Modes\WhoDecides;

/** A value that a brief wants the student to decide, or one of several. */
enum DecisionAsked: string
{
    case Aperture = 'aperture';
    case Time = 'time';
    case Iso = 'iso';
    case Compensation = 'compensation';
    case ApertureOrTime = 'aperture-or-time';
    case TimeOrCompensation = 'time-or-compensation';

    public function label(): string
    {
        return match ($this) {
            self::Aperture => 'the aperture',
            self::Time => 'the exposure time',
            self::Iso => 'ISO',
            self::Compensation => 'exposure compensation',
            self::ApertureOrTime => 'the aperture or the exposure time',
            self::TimeOrCompensation => 'the exposure time, or compensation that moves it',
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
            self::ApertureOrTime => $who->aperture === Decider::Person || $who->time === Decider::Person,
            self::TimeOrCompensation => $who->time === Decider::Person || $who->compensation,
        };
    }
}
