<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

/**
 * What a print needs where it hangs: an eye tells a minute of arc apart, so that a pixel may be d·tan(1/60°) wide, and
 * a print is looked at as a whole from about its diagonal.
 */
final readonly class ViewingDistance
{
    private function __construct(
        /** m. */
        public float $whole,
        /** Pixels across that show all an eye can tell from the distance asked for. */
        public float $pixels,
    ) {
    }

    /**
     * @param  float  $width  of the print, m
     * @param  float  $height  of the print, m
     * @param  float  $distance  m
     *
     * @throws InvalidOptics
     */
    public static function of(float $width, float $height, float $distance): self
    {
        foreach (['width' => $width, 'height' => $height, 'distance' => $distance] as $name => $value) {
            InvalidOptics::unlessPositive($name, $value, 'm');
        }

        return new self(hypot($width, $height), $width / ($distance * tan(deg2rad(1 / 60))));
    }
}
