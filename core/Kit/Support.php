<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

/** What held the camera. */
enum Support: string
{
    case Hand = 'hand';
    case Braced = 'braced';
    case Monopod = 'monopod';
    case Tripod = 'tripod';

    public function label(): string
    {
        return match ($this) {
            self::Hand => 'by hand',
            self::Braced => 'braced on something',
            self::Monopod => 'monopod',
            self::Tripod => 'tripod',
        };
    }

    /**
     * Stops of longer exposure that it allows beyond bare hands; null when camera shake sets no limit. Typical values.
     */
    public function stopsSteadier(): ?float
    {
        return match ($this) {
            self::Hand => 0.0,
            self::Braced => 1.0,
            self::Monopod => 2.0,
            self::Tripod => null,
        };
    }
}
