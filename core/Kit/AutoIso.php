<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Optics\InvalidOptics;
use TruePupil\Core\Optics\SensorFormat;

/** Automatic ISO: the range it may use, and the slowest time it lets the camera reach before ISO rises, in seconds. */
final readonly class AutoIso
{
    public function __construct(public float $floor, public float $ceiling, public ?float $slowest = null)
    {
        foreach (
            ['ISO floor' => $floor, 'ISO ceiling' => $ceiling, 'slowest time' => $slowest ?? 1.0] as $name => $value
        ) {
            InvalidExposure::unlessPositive($name, $value);
        }
        if ($floor > $ceiling) {
            throw InvalidExposure::reversed('automatic ISO\'s range');
        }
    }

    /**
     * With the slowest time that follows the focal length: one over the 35 mm equivalent, so many stops slower or, with
     * a negative number, faster. Focal length in mm.
     *
     * @throws InvalidOptics
     */
    public static function byFocalLength(
        float $floor,
        float $ceiling,
        float $focalLength,
        SensorFormat $format,
        float $stopsSlower = 0.0,
    ): self {
        return new self(
            $floor,
            $ceiling,
            ExposureTime::nearest(HandHeldLimit::of($focalLength, $format, $stopsSlower)->seconds)->nominal(),
        );
    }
}
