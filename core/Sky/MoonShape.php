<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

/** A moon as a picture wants it. */
enum MoonShape: string
{
    case None = 'none';
    case Crescent = 'crescent';
    case Half = 'half';
    case Gibbous = 'gibbous';
    case Full = 'full';

    public function label(): string
    {
        return match ($this) {
            self::None => 'none in the sky, for stars',
            self::Crescent => 'a crescent',
            self::Half => 'about half',
            self::Gibbous => 'more than half',
            self::Full => 'full, or nearly',
        };
    }

    /**
     * By the lit share of the disc. A disc that is lit to 95 % still looks round; below 2 % the crescent is lost in the
     * twilight.
     *
     * @param  float  $illuminated  0 to 1
     */
    public function holds(float $illuminated): bool
    {
        return match ($this) {
            self::None => true,
            self::Crescent => $illuminated >= 0.02 && $illuminated < 0.4,
            self::Half => $illuminated >= 0.4 && $illuminated < 0.6,
            self::Gibbous => $illuminated >= 0.6 && $illuminated < 0.95,
            self::Full => $illuminated >= 0.95,
        };
    }
}
