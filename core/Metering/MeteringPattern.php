<?php

declare(strict_types=1);

namespace TruePupil\Core\Metering;

/** Which part of the picture a meter listens to; EXIF MeteringMode where it has one. */
enum MeteringPattern: string
{
    case Scene = 'scene';
    case Centre = 'centre';
    case Spot = 'spot';
    case Highlight = 'highlight';
    case Other = 'other';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::Scene => 'whole scene',
            self::Centre => 'centre-weighted',
            self::Spot => 'spot',
            self::Highlight => 'highlight-weighted',
            self::Other => 'another pattern',
            self::Unknown => 'not recorded',
        };
    }
}
