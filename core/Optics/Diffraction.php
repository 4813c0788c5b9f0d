<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

/**
 * The disc that a point of light is spread to by the aperture itself: Airy diameter 2.44·λ·N with λ = 550 nm, green.
 *
 * Example: f/8 → 10.74 µm.
 */
final readonly class Diffraction
{
    private const WAVELENGTH_MICROMETRES = 0.55;

    private const AIRY = 2.44;

    private function __construct(public float $airyMicrometres)
    {
    }

    /** @throws InvalidOptics */
    public static function at(float $fNumber): self
    {
        InvalidOptics::unlessPositive('f-number', $fNumber);

        return new self(self::AIRY * self::WAVELENGTH_MICROMETRES * $fNumber);
    }

    /** The f-number beyond which the disc is larger than the format's circle of confusion, so that a print shows it. */
    public static function printLimit(SensorFormat $format): float
    {
        return ($format->circleOfConfusion() * 1000) / (self::AIRY * self::WAVELENGTH_MICROMETRES);
    }

    /** The f-number beyond which the disc is wider than 2.5 pixels. Pitch in micrometres. @throws InvalidOptics */
    public static function pixelLimit(float $pitch): float
    {
        InvalidOptics::unlessPositive('pixel pitch', $pitch, 'µm');

        return (2.5 * $pitch) / (self::AIRY * self::WAVELENGTH_MICROMETRES);
    }
}
