<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** What the exposure protects. */
enum Protects: string
{
    case Highlights = 'highlights';
    case Shadows = 'shadows';
    case MidTones = 'mid-tones';

    public function label(): string
    {
        return match ($this) {
            self::Highlights => 'highlights (digital, raw)',
            self::Shadows => 'shadows (negative film)',
            self::MidTones => 'mid-tones (slide film, JPEG)',
        };
    }
}
