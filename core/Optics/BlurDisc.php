<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

/**
 * The disc on the sensor that a point in front of or behind the focused distance becomes:
 * f²/(N(s−f)) · |d−s|/d, in millimetres (thin lens, s and d from the lens).
 *
 * Example: 85 mm f/1.8 focused at 2 m, background at 10 m → 1.677 mm.
 */
final readonly class BlurDisc
{
    private function __construct(public float $millimetres)
    {
    }

    /**
     * @param  float  $focalLength  mm
     * @param  float  $focused  m
     * @param  float  $distance  m, of the point that blurs
     *
     * @throws InvalidOptics
     */
    public static function of(float $focalLength, float $fNumber, float $focused, float $distance): self
    {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        InvalidOptics::unlessPositive('f-number', $fNumber);
        InvalidOptics::unlessPositive('focused distance', $focused, 'm');
        InvalidOptics::unlessPositive('distance', $distance, 'm');
        $millimetres = $focused * 1000;
        if ($millimetres <= $focalLength) {
            throw InvalidOptics::tooClose($focused, $focalLength);
        }

        return new self(
            (($focalLength ** 2 / ($fNumber * ($millimetres - $focalLength))) * abs($distance - $focused)) / $distance,
        );
    }

    /** Percentage of the frame's width. */
    public function percentOfWidth(SensorFormat $format): float
    {
        return (100 * $this->millimetres) / $format->width;
    }
}
