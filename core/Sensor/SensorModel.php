<?php

declare(strict_types=1);

namespace TruePupil\Core\Sensor;

use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;

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

    /** A typical sensor of a format divided into so many pixels; read noise three electrons. */
    public static function typical(Format $format, int $pixels): self
    {
        $areaPerPixel = $format->width * $format->height * 1e6 / max(1, $pixels);

        return new self($areaPerPixel * self::WELL_DENSITY, 3.0, Iso::of(100));
    }

    /** Electrons at clipping for an ISO: the ISO amplifies, so fewer electrons fill the range. */
    public function wellAt(Iso $iso): float
    {
        return $this->fullWell / 2 ** $iso->stopsMoreThan($this->baseIso)->value;
    }

    /** Dynamic range in stops: log2(full well at the ISO / read noise). */
    public function dynamicRange(Iso $iso): Stops
    {
        return Stops::ofRatio($this->wellAt($iso) / $this->readNoise);
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
