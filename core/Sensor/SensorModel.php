<?php

declare(strict_types=1);

namespace TruePupil\Core\Sensor;

use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Optics\SensorFormat;

/**
 * A generic sensor: full well, read noise and base ISO per pixel. The constants are typical of current sensors, not
 * measurements of any body; a body may carry its own.
 *
 * Noise follows the photon-transfer relation: variance = signal + read noise², in electrons. At an ISO of n stops above
 * base, clipping comes at full well/2ⁿ.
 */
final readonly class SensorModel
{
    /** Electrons per square micrometre of pixel at base ISO: typical of current designs. */
    private const WELL_DENSITY = 1700.0;

    /** Electrons, root mean square: typical of current designs. */
    private const READ_NOISE = 3.0;

    /** Lens transmission, vignetting and geometry together (ISO 12232). */
    private const Q = 0.65;

    private const MID_GREY = 0.18;

    private function __construct(
        /** Electrons at clipping, at base ISO. */
        public float $fullWell,
        /** Electrons, root mean square. */
        public float $readNoise,
        public Iso $baseIso,
    ) {
    }

    public static function of(float $fullWell, float $readNoise, Iso $baseIso): self
    {
        return new self($fullWell, $readNoise, $baseIso);
    }

    /**
     * A typical sensor of a format divided into so many pixels. A body that was measured gives its own constants.
     *
     * @param  ?float  $readNoise  electrons
     * @param  ?float  $wellDensity  electrons per µm² at base ISO
     */
    public static function typical(
        SensorFormat $format,
        int $pixels,
        ?Iso $baseIso = null,
        ?float $readNoise = null,
        ?float $wellDensity = null,
    ): self {
        $areaPerPixel = ($format->width * $format->height * 1e6) / max(1, $pixels);

        return new self(
            $areaPerPixel * ($wellDensity ?? self::WELL_DENSITY),
            $readNoise ?? self::READ_NOISE,
            $baseIso ?? Iso::of(100),
        );
    }

    /**
     * Stops between mid-grey and clipping: 2.47 in a plain sRGB rendering (log2(1/0.18)), less what an ISO below base
     * gives up, since the sensor is then full before the rendering is.
     */
    public function highlightHeadroom(Iso $iso): Stops
    {
        return Stops::of(log(1 / self::MID_GREY, 2) - max(0.0, $this->baseIso->stopsMoreThan($iso)->value));
    }

    /** Signal-to-noise ratio of an even mid-grey, as a plain ratio: signal/√(signal + read noise²), in electrons. */
    public function midGreySignalToNoise(Iso $iso): float
    {
        $signal = self::MID_GREY * $this->wellAt($iso);

        return $signal / sqrt($signal + $this->readNoise ** 2);
    }

    /** Focal-plane exposure in lux-seconds: H = q·L·t/N² with q = 0.65 (ISO 12232); L in cd/m². */
    public static function focalPlaneExposure(float $luminance, ExposureSettings $settings): float
    {
        return (self::Q * $luminance * $settings->time->exact) / $settings->aperture->exact ** 2;
    }

    /** Electrons at clipping for an ISO: the ISO amplifies, so fewer electrons fill the range. */
    public function wellAt(Iso $iso): float
    {
        return $this->fullWell / 2 ** $iso->stopsMoreThan($this->baseIso)->value;
    }

    /**
     * Dynamic range in stops: log2(full well at the ISO / read noise). Below base the sensor is full all the same, so
     * that nothing is won.
     */
    public function dynamicRange(Iso $iso): Stops
    {
        return Stops::ofRatio(min($this->fullWell, $this->wellAt($iso)) / $this->readNoise);
    }

    /**
     * Noise of a linear signal where 1.0 is clipping: standard deviation √(gain·x + floor²).
     *
     * @return array{gain: float, floor: float} both on the scale of the signal
     */
    public function noiseAt(Iso $iso): array
    {
        $well = $this->wellAt($iso);

        return ['gain' => 1 / $well, 'floor' => $this->readNoise / $well];
    }
}
