<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Optics\SensorFormat;

/** A camera body: its format, what it can be set to, and how it helps. */
final readonly class Body
{
    /**
     * @param  ?int  $pixelsAcross  the long side, for what depends on the size of a pixel
     * @param  float  $stabiliserStops  how much longer hands hold with it
     * @param  ?float  $comfortableIso  the highest whose noise its owner does not mind
     * @param  bool  $setsTime  whether a time can be set on it; a telephone's own program often chooses it
     *
     * @throws InvalidExposure
     */
    public function __construct(
        public string $name,
        public SensorFormat $format,
        public BodyLimits $limits = new BodyLimits(),
        public ?int $pixelsAcross = null,
        public float $stabiliserStops = 0.0,
        public ?float $comfortableIso = null,
        public BodyKind $kind = BodyKind::Camera,
        public bool $setsTime = true,
    ) {
        if (! is_finite($stabiliserStops) || $stabiliserStops < 0.0 || $stabiliserStops > 10.0) {
            throw InvalidExposure::outside('stabiliser stops', $stabiliserStops, 0, 10);
        }
    }

    /**
     * The ISO up to which its owner lives with the noise: as said, or what is usual for its size of sensor, ISO 6400 on
     * 36×24 mm and less as the sensor is smaller, by area.
     */
    public function liveableIso(): float
    {
        return $this->comfortableIso ?? min($this->limits->isoMax, max(400.0, 6400 / $this->format->crop() ** 2));
    }

    /** Distance between pixels in µm, when the count is known. */
    public function pixelPitch(): ?float
    {
        return $this->pixelsAcross === null ? null : $this->format->pixelPitch($this->pixelsAcross);
    }
}
