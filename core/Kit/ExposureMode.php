<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

/** Who decides the exposure: the person, the camera, or each a part (EXIF ExposureProgram and ExposureMode). */
enum ExposureMode: string
{
    case Auto = 'auto';
    case Program = 'program';
    case Aperture = 'aperture';
    case Shutter = 'shutter';
    case Manual = 'manual';
    case ManualAutoIso = 'manual-auto-iso';
    case Bulb = 'bulb';
    case Scene = 'scene';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::Auto => 'full automatic',
            self::Program => 'program',
            self::Aperture => 'aperture priority',
            self::Shutter => 'shutter priority',
            self::Manual => 'manual',
            self::ManualAutoIso => 'manual with automatic ISO',
            self::Bulb => 'bulb',
            self::Scene => 'scene program',
            self::Unknown => 'not recorded',
        };
    }

    /** Whether the meter chooses a value, so that exposure compensation moves the exposure. */
    public function followsTheMeter(): bool
    {
        return match ($this) {
            self::Auto, self::Program, self::Aperture, self::Shutter, self::ManualAutoIso, self::Scene => true,
            self::Manual, self::Bulb, self::Unknown => false,
        };
    }

    /** Whether the camera chooses the time, and a person only lets it. */
    public function choosesTime(): bool
    {
        return in_array($this, [self::Auto, self::Program, self::Aperture, self::Scene], true);
    }

    /** Whether a person can ask for more or less light by exposure compensation. */
    public function takesCompensation(): bool
    {
        return match ($this) {
            self::Program, self::Aperture, self::Shutter, self::ManualAutoIso => true,
            self::Auto, self::Scene, self::Manual, self::Bulb, self::Unknown => false,
        };
    }
}
