<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

use TruePupil\Core\Exposure\Stops;

/**
 * A tube between lens and body brings the lens nearer: magnification grows by tube/f, whatever it was, and the light
 * spreads over (1 + m)². Example: 25 mm behind a lens of 50 mm at infinity gives half life size, 1.17 stops less.
 */
final readonly class ExtensionTube
{
    private function __construct(public float $magnification, public Stops $lightLost)
    {
    }

    /**
     * @param  float  $tube  mm
     * @param  float  $focalLength  mm
     * @param  float  $own  magnification of the lens without it; 0 at infinity
     *
     * @throws InvalidOptics
     */
    public static function of(float $tube, float $focalLength, float $own = 0.0): self
    {
        InvalidOptics::unlessPositive('tube', $tube, 'mm');
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        $magnification = max(0.0, $own) + $tube / $focalLength;

        return new self($magnification, Stops::ofRatio((1 + $magnification) ** 2));
    }
}
