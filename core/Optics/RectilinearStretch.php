<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

/**
 * How a lens that keeps lines straight pulls things apart away from the axis. At an angle θ from the axis everything
 * grows by 1/cos²θ outwards and by 1/cosθ across, so that a ball becomes 1/cosθ times longer than wide.
 *
 * Example: 16 mm at the corner of 36x24 mm: θ = 53.5°, ratio 1.68.
 */
final readonly class RectilinearStretch
{
    private function __construct(
        /** Degrees from the axis. */
        public float $angle,
        public float $radial,
        public float $tangential,
        /** How much longer than wide a ball becomes. */
        public float $ratio,
    ) {
    }

    /**
     * At a point of the frame, as fractions of its width and height from the top left corner.
     *
     * @throws InvalidOptics
     */
    public static function at(float $focalLength, SensorFormat $format, float $x, float $y): self
    {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        $fromAxis = hypot(($x - 0.5) * $format->width, ($y - 0.5) * $format->height);
        $cosine = $focalLength / hypot($focalLength, $fromAxis);

        return new self(rad2deg(acos(min(1.0, $cosine))), 1 / $cosine ** 2, 1 / $cosine, 1 / $cosine);
    }

    public static function atCorner(float $focalLength, SensorFormat $format): self
    {
        return self::at($focalLength, $format, 1.0, 1.0);
    }
}
