<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Sensor\SensorModel;
use TruePupil\Core\Tone\Srgb;

/**
 * How a plate of absolute luminance becomes a linear picture: the numbers a renderer applies to its pixels.
 *
 * A surface whose luminance is the one that the settings render as mid-grey (ISO 2720, K = 12.5) comes out at 0.18;
 * twice the luminance at 0.36; 1.0 clips. Noise is the sensor model's, on the same scale: σ = √(gain·x + floor²).
 */
final readonly class PlateExposure
{
    private function __construct(
        /** Linear picture value per cd/m². */
        public float $perCandela,
        public float $noiseGain,
        public float $noiseFloor,
    ) {
    }

    public static function of(ExposureSettings $settings, SensorModel $sensor): self
    {
        $noise = $sensor->noiseAt($settings->iso);

        return new self(Srgb::MID_GREY / $settings->ev100()->luminance(), $noise['gain'], $noise['floor']);
    }
}
