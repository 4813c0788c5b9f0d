<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings;

/** What a finding is about. */
enum Topic: string
{
    case Exposure = 'exposure';
    case Tone = 'tone';
    case Noise = 'noise';
    case Movement = 'movement';
    case Mode = 'mode';

    public function label(): string
    {
        return match ($this) {
            self::Exposure => 'Exposure',
            self::Tone => 'Tones',
            self::Noise => 'ISO and noise',
            self::Movement => 'Shutter and movement',
            self::Mode => 'Mode and metering',
        };
    }
}
