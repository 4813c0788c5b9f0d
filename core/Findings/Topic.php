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
    case Depth = 'depth';
    case Lens = 'lens';
    case Mode = 'mode';
    case Flash = 'flash';
    case Focus = 'focus';
    case Plan = 'plan';
    case Series = 'series';
    case People = 'people';
    case Composition = 'composition';
    case Colour = 'colour';
    case Film = 'film';
    case File = 'file';

    /** How much it harms a picture when something is wrong there, against exposure, focus and movement: 0–1. */
    public function harm(): float
    {
        return match ($this) {
            self::Exposure, self::Focus, self::Movement => 1.0,
            self::Tone, self::Flash, self::People => 0.9,
            self::Mode, self::Depth, self::Series, self::Film => 0.8,
            self::Plan => 0.7,
            self::Noise => 0.6,
            self::Lens, self::Composition => 0.5,
            self::Colour => 0.45,
            self::File => 0.4,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Exposure => 'Exposure',
            self::Tone => 'Tones',
            self::Noise => 'ISO and noise',
            self::Movement => 'Shutter and movement',
            self::Depth => 'Aperture and depth',
            self::Lens => 'Lens',
            self::Mode => 'Mode and metering',
            self::Flash => 'Flash',
            self::Focus => 'Focus',
            self::Plan => 'Plan',
            self::Series => 'Series',
            self::People => 'People',
            self::Composition => 'Composition',
            self::Colour => 'Colour and finish',
            self::Film => 'Film',
            self::File => 'File',
        };
    }
}
