<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

/**
 * What a rectilinear lens focused far away sees: 2·atan(d/2f), in degrees.
 *
 * Example: 50 mm on 36x24 mm sees 39.60° across.
 */
final readonly class AngleOfView
{
    private function __construct(public float $horizontal, public float $vertical, public float $diagonal)
    {
    }

    /** Focal length in millimetres. @throws InvalidOptics */
    public static function of(float $focalLength, SensorFormat $format): self
    {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        $angle = fn (float $side): float => rad2deg(2 * atan($side / (2 * $focalLength)));

        return new self($angle($format->width), $angle($format->height), $angle($format->diagonal()));
    }
}
